import { t } from '@lingui/core/macro';
import { Box, Typography, useTheme } from '@mui/material';
import type { PracticePicture } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm, formatQuantity } from '../kit/units';
import { tell } from '../language/tell';

const WIDTH = 600;
const HEIGHT = 130;
const FOOT = 18;

/** The films of the coats, one on the other, from the primer outwards. */
export function Section({ picture }: { picture: PracticePicture }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const { mm, coats } = picture;
  const [from, to] = [mm[0] ?? 0, mm.at(-1) ?? 1];
  const x = (at: number) => (WIDTH * (at - from)) / (to - from);
  const upTo = (k: number, i: number) => coats.slice(0, k).reduce((sum, c) => sum + (c.um[i] ?? 0), 0);
  const most = Math.max(1, ...mm.map((_, i) => upTo(coats.length, i)));
  const y = (um: number) => HEIGHT - FOOT - ((HEIGHT - FOOT - 4) * um) / most;
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-label={t`Film of each coat from the primer outwards, ${formatQuantity({ value: Math.round(most), unit: 'um' }, units)} at the most`}
      >
        <path d={`M0 ${HEIGHT - FOOT}H${x(0)}v4H0z`} fill={tokens.primer} />
        {coats.map((_, k) => {
          const top = mm.map((at, i) => `${x(at)} ${y(upTo(k + 1, i))}`);
          const base = mm.map((at, i) => `${x(at)} ${y(upTo(k, i))}`).reverse();
          return (
            <path
              key={k}
              d={`M${[...top, ...base].join('L')}z`}
              fill={tokens.ink}
              opacity={0.25 + (0.5 * k) / Math.max(1, coats.length - 1)}
            />
          );
        })}
        <path d={`M0 ${HEIGHT - FOOT}H${WIDTH}`} stroke={tokens.ink} strokeWidth="1" />
        {[0, 0.25, 0.5, 0.75, 1].map((share) => {
          const at = Math.round((share * to) / 10) * 10;
          return (
            <text
              key={share}
              x={Math.min(WIDTH - 2, x(at))}
              y={HEIGHT - 4}
              fontSize="11"
              textAnchor={share === 1 ? 'end' : 'middle'}
              fill={tokens.inkSoft}
            >
              {formatMm(at, units)}
            </text>
          );
        })}
      </svg>
      <Typography component="figcaption" variant="body2" color="text.secondary">
        {coats.map((c) => tell(c.name)).join(', ')}
      </Typography>
    </Box>
  );
}
