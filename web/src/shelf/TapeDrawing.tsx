import { t } from '@lingui/core/macro';
import { Box, useTheme } from '@mui/material';
import type { TapedCar } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { linePath, pair, ringsPath } from '../map/geometry';

/** The car so far, with every tape drawn where it is held; the one being typed is bold. */
export function TapeDrawing({
  car,
  typed,
  active,
  onTape,
}: {
  car: TapedCar;
  typed: ReadonlySet<string>;
  active: string | null;
  onTape: (key: string) => void;
}) {
  const { tokens } = useTheme();
  const units = useUnits();
  const [x0 = 0, y0 = 0, x1 = 1, y1 = 1] = car.body.box;
  const whole = car.body.panels.length > 1;
  // One side is enough: the other is its mirror. The middle of the car is shown whole.
  const top = whole
    ? Math.min(...car.body.panels.filter((p) => !p.id.endsWith('-right')).map((p) => p.box[1] ?? 0))
    : y0;
  const margin = whole ? 160 : 90;
  const [w, h] = [x1 - x0 + 2 * margin, y1 - top + 2 * margin];
  const big = Math.max(w, h) / (whole ? 52 : 30);
  return (
    <Box
      component="svg"
      viewBox={`${x0 - margin} ${top - margin} ${w} ${h}`}
      role="img"
      aria-label={t`The car so far, with the places to hold the tape to`}
      sx={{ width: '100%', maxHeight: { lg: 'calc(100dvh - 150px)' }, display: 'block' }}
      fontFamily="inherit"
    >
      {car.body.trim
        .filter((trim) => trim.points.some((p) => (p[1] ?? 0) >= top))
        .map((trim, i) => (
          <path
            key={`${trim.kind} ${i}`}
            d={trim.closed ? ringsPath([trim.points]) : linePath(trim.points)}
            fill={trim.closed ? tokens.trim : 'none'}
            stroke={tokens.line}
            strokeWidth={big / 10}
          />
        ))}
      {car.body.panels
        .filter((panel) => !whole || !panel.id.endsWith('-right'))
        .map((panel) => (
          <g key={panel.id}>
            <path
              d={ringsPath([panel.outline])}
              fill={tokens.panelInPlay}
              stroke={tokens.panelLine}
              strokeWidth={big / 8}
            />
            {panel.bodyLines.map((line) => (
              <path key={line.name} d={linePath(line.points)} fill="none" stroke={tokens.line} strokeWidth={big / 10} />
            ))}
          </g>
        ))}
      {car.tapes.map((tape) => {
        const [[ax, ay], [bx, by]] = [pair(tape.from), pair(tape.to)];
        const bold = tape.key === active;
        const told = typed.has(tape.key);
        const across = Math.abs(bx - ax) < Math.abs(by - ay);
        return (
          <g key={tape.key} onClick={() => onTape(tape.key)} style={{ cursor: 'pointer' }}>
            <path
              d={`M${ax} ${ay}L${bx} ${by}`}
              stroke={bold ? tokens.press : tokens.ink}
              strokeWidth={bold ? big / 3 : big / 7}
              strokeDasharray={told || bold ? undefined : `${big / 2} ${big / 2}`}
            />
            {[
              [ax, ay],
              [bx, by],
            ].map(([x, y]) => (
              <path
                key={`${x} ${y}`}
                d={across ? `M${(x ?? 0) - big / 2} ${y}h${big}` : `M${x} ${(y ?? 0) - big / 2}v${big}`}
                stroke={bold ? tokens.press : tokens.ink}
                strokeWidth={big / 5}
              />
            ))}
            <text
              x={across ? ax + big / 2 : ax + (bx - ax) / 4}
              y={across ? ay + (by - ay) * 0.8 : ay - big / 2}
              textAnchor={across ? 'start' : 'middle'}
              fontSize={big}
              fontWeight={bold || told ? 700 : 400}
              fill={bold ? tokens.press : tokens.ink}
              stroke={tokens.panelInPlay}
              strokeWidth={big / 4}
              paintOrder="stroke"
            >
              {formatQuantity(tape.reads, units)}
            </text>
          </g>
        );
      })}
    </Box>
  );
}
