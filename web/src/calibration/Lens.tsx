import { t } from '@lingui/core/macro';
import { Box, Typography, useTheme } from '@mui/material';
import type { KnownConstant } from '../api/types';

/** Ends of the strip, as factors on what the model takes; in between by ratio, so that half and double lie alike. */
const FROM = 0.5;
const TO = 2;
const WIDTH = 200;

const x = (factor: number): number =>
  (WIDTH * Math.log(Math.min(TO, Math.max(FROM, factor)) / FROM)) / Math.log(TO / FROM);

const percent = (factor: number): string => `${Math.round(100 * factor)} %`;

/** A lens as wide as nine in ten, thickest where it most likely lies. */
const lens = (known: KnownConstant, height: number): string => {
  const [low, middle, high] = [x(known.low), x(known.factor), x(known.high)];
  return `M${low} 20Q${middle} ${20 - height} ${high} 20Q${middle} ${20 + height} ${low} 20Z`;
};

/** What the model takes, wide and pale, and what the tests say, narrow and dark, on one strip from a half to double. */
export function Lens({ name, model, tested }: { name: string; model: KnownConstant; tested: KnownConstant | null }) {
  const { tokens } = useTheme();
  const shown = tested ?? model;
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 2, alignItems: 'center' }}
    >
      <Box>
        <Typography>{name}</Typography>
        <Typography variant="body2" color="text.secondary">
          {tested === null
            ? t`not tested, ${percent(model.low)} to ${percent(model.high)}`
            : t`${percent(shown.factor)}, nine in ten ${percent(shown.low)} to ${percent(shown.high)}`}
        </Typography>
      </Box>
      <svg viewBox={`0 0 ${WIDTH} 40`} width="100%" aria-hidden="true">
        {[0.5, 0.75, 1, 1.5, 2].map((tick) => (
          <g key={tick}>
            <path d={`M${x(tick)} 4V30`} stroke={tokens.line} strokeWidth={tick === 1 ? 1.4 : 0.6} />
            <text
              x={x(tick)}
              y="39"
              fontSize="8"
              fill={tokens.inkSoft}
              textAnchor={tick === FROM ? 'start' : tick === TO ? 'end' : 'middle'}
            >
              {Math.round(100 * tick)}
            </text>
          </g>
        ))}
        <path d={lens(model, 16)} fill={tokens.ink} opacity="0.18" />
        {tested !== null && <path d={lens(tested, 16)} fill={tokens.ink} opacity="0.8" />}
      </svg>
    </Box>
  );
}
