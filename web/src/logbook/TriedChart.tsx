import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography, useTheme } from '@mui/material';
import type { ColourHistory } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';

const COLUMN = 92;
const LEFT = 44;
const TOP = 120;
const BAR = 70;
const ROOM = 34;

/** Columns for the cars, the oldest left: above how far each card was off, below how far the colour was blended. */
export function TriedChart({ history }: { history: ColourHistory }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const cars = history.jobs.slice(0, 12).reverse();
  const most = Math.max(2, ...history.samples.map((s) => s.dE ?? 0));
  const longest = Math.max(1, ...cars.map((c) => c.blend.value));
  const y = (dE: number) => TOP - (TOP - 14) * Math.sqrt(dE / most);
  const width = LEFT + Math.max(4, cars.length) * COLUMN;
  const foot = TOP + ROOM + BAR;
  const marks = [0.5, 1, 2, 4, 8].filter((mark) => mark <= most && mark >= most / 7);
  return (
    <Box component="section" aria-label={t`How it went, car by car`}>
      <Typography variant="h2">
        <Trans>How it went, car by car</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ maxWidth: 560 }}>
        <Trans>
          Above, how far each card was off its car (a dot; a ring for a variant; a bar through the one that passed).
          Below, how far the colour was blended.
        </Trans>
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Chart of the cars in this colour`}>
        <svg
          viewBox={`0 0 ${width} ${foot + 40}`}
          style={{ width, maxWidth: 'none', height: foot + 40, display: 'block' }}
          role="img"
          aria-label={t`Differences of cards and lengths of blends of ${cars.length} cars; the list below says the same`}
          fontFamily="inherit"
        >
          {marks.map((mark) => (
            <g key={mark}>
              <path d={`M${LEFT} ${y(mark)}H${width}`} stroke={tokens.line} />
              <text x={LEFT - 8} y={y(mark) + 4} textAnchor="end" fontSize="13" fill={tokens.inkSoft}>
                {mark}
              </text>
            </g>
          ))}
          <path d={`M${LEFT} ${TOP}H${width}`} stroke={tokens.ink} />
          {cars.map((car, i) => {
            const x = LEFT + i * COLUMN + COLUMN / 2;
            const own = history.samples.filter((s) => s.job === car.job && s.dE !== null);
            const tall = (BAR * car.blend.value) / longest;
            const bad = car.redo || car.looked === 'seen';
            return (
              <g key={car.job}>
                {own.map((s, k) => {
                  const cx = x + (k - (own.length - 1) / 2) * Math.min(18, 70 / Math.max(1, own.length));
                  const cy = y(s.dE ?? 0);
                  return (
                    <g key={s.number}>
                      <circle
                        cx={cx}
                        cy={cy}
                        r="5"
                        fill={s.kind === 'card' ? tokens.ink : tokens.surface}
                        stroke={tokens.ink}
                        strokeWidth="1.5"
                      />
                      {s.passed && <path d={`M${cx} ${cy - 12}v24`} stroke={tokens.ink} strokeWidth="2" />}
                    </g>
                  );
                })}
                <rect
                  x={x - 22}
                  y={foot - tall}
                  width="44"
                  height={tall}
                  fill={bad ? tokens.lookOut : tokens.ink}
                  opacity={bad ? 0.8 : 0.35}
                />
                <text x={x} y={foot - tall - 6} textAnchor="middle" fontSize="13" fill={tokens.ink}>
                  {formatQuantity(car.blend, units)}
                </text>
                <text x={x} y={foot + 17} textAnchor="middle" fontSize="13" fill={tokens.ink}>
                  {car.plate === '' ? car.label.slice(0, 12) : car.plate}
                </text>
                <text
                  x={x}
                  y={foot + 33}
                  textAnchor="middle"
                  fontSize="13"
                  fill={bad ? tokens.lookOut : tokens.inkSoft}
                >
                  {car.redo
                    ? t`done again`
                    : car.looked === 'seen'
                      ? t`seen`
                      : car.looked === 'clean'
                        ? t`not seen`
                        : t`not looked at`}
                </text>
              </g>
            );
          })}
          <path d={`M${LEFT} ${foot}H${width}`} stroke={tokens.ink} />
        </svg>
      </Box>
    </Box>
  );
}
