import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography, useTheme } from '@mui/material';
import type { NamedRate } from '../api/types';

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** How often work was done again: a bar for what it was, a line for where it may really lie. */
export function Rates({
  title,
  rates,
  name,
}: {
  title: string;
  rates: readonly NamedRate[];
  name?: (key: string) => string;
}) {
  const { tokens } = useTheme();
  if (rates.length === 0) {
    return null;
  }
  const most = Math.max(0.1, ...rates.map((r) => r.rate.high));
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {rates.slice(0, 8).map(({ name: key, rate }) => (
          <Box
            component="li"
            key={key}
            sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr auto', gap: 1, alignItems: 'center', py: 0.4 }}
          >
            <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
              {name?.(key) ?? key}
            </Typography>
            <svg
              viewBox="0 0 100 14"
              preserveAspectRatio="none"
              style={{ width: '100%', height: 14 }}
              role="img"
              aria-label={t`${rate.hits} of ${rate.of} done again, really ${percent(rate.low)} to ${percent(rate.high)}`}
            >
              <rect
                width={(100 * (rate.of === 0 ? 0 : rate.hits / rate.of)) / most}
                height="14"
                fill={tokens.ink}
                opacity="0.35"
              />
              <path
                d={`M${(100 * rate.low) / most} 7H${(100 * rate.high) / most}`}
                stroke={tokens.ink}
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
              />
            </svg>
            <Typography variant="body2" sx={{ whiteSpace: 'nowrap' }}>
              <Trans>
                {rate.hits} of {rate.of}
              </Trans>
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
