import { t } from '@lingui/core/macro';
import { Box, Typography, useTheme } from '@mui/material';
import { tell } from '../language/tell';

const MOST = 2;

/** What is seen, part by part; the line is what is just noticed. */
export function PartsSeen({ parts }: { parts: readonly { part: string; words: string; index: number }[] }) {
  const { tokens } = useTheme();
  return (
    <Box
      role="group"
      aria-label={t`Part by part`}
      sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr 44px', gap: 1, alignItems: 'center' }}
    >
      {parts.map((p) => (
        <Box key={p.part} sx={{ display: 'contents' }}>
          <Typography variant="body2">{tell(p.words)}</Typography>
          <svg viewBox="0 0 100 10" preserveAspectRatio="none" style={{ width: '100%', height: 12 }} aria-hidden="true">
            <path d="M0 5H100" stroke={tokens.line} strokeWidth="4" />
            <path
              d={`M0 5H${(100 * Math.min(MOST, p.index)) / MOST}`}
              stroke={p.index > 1 ? tokens.lookOut : tokens.ink}
              strokeWidth="6"
            />
            <path d="M50 0V10" stroke={tokens.ink} strokeWidth="0.6" />
          </svg>
          <Typography variant="body2" align="right">
            {p.index.toFixed(2)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
