import { t } from '@lingui/core/macro';
import { useTheme } from '@mui/material';
import { useState, type KeyboardEvent } from 'react';
import type { Pair } from '../map/geometry';
import { turnedBack, type Turn } from '../map/turn';

const STEP_MM = 10;
const MOVES: Record<string, Pair> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** The line of the cross-cut with a grip at each end: drag it, or move it with the arrow keys. */
export function CutLine({
  line,
  px,
  turn,
  toMm,
  onChange,
}: {
  line: readonly [Pair, Pair];
  px: number;
  turn: Turn;
  toMm: (event: { clientX: number; clientY: number }) => Pair;
  onChange: (line: readonly [Pair, Pair]) => void;
}) {
  const { tokens } = useTheme();
  const [drag, setDrag] = useState<0 | 1 | null>(null);
  const moved = (end: 0 | 1, to: Pair): readonly [Pair, Pair] => (end === 0 ? [to, line[1]] : [line[0], to]);
  const key = (event: KeyboardEvent, end: 0 | 1) => {
    const way = MOVES[event.key];
    if (way !== undefined) {
      event.preventDefault();
      event.stopPropagation();
      const by = event.shiftKey ? STEP_MM * 5 : STEP_MM;
      // An arrow moves it where the arrow points on the screen.
      const [dx, dy] = turnedBack(way, turn);
      onChange(moved(end, [line[end][0] + dx * by, line[end][1] + dy * by]));
    }
  };
  return (
    <g>
      <line
        x1={line[0][0]}
        y1={line[0][1]}
        x2={line[1][0]}
        y2={line[1][1]}
        stroke={tokens.press}
        strokeWidth={2.5 * px}
        pointerEvents="none"
      />
      {([0, 1] as const).map((end) => (
        <g
          key={end}
          role="button"
          tabIndex={0}
          aria-label={end === 0 ? t`Beginning of the cut` : t`End of the cut`}
          style={{ cursor: 'grab', touchAction: 'none' }}
          onKeyDown={(event) => key(event, end)}
          onPointerDown={(event) => {
            event.stopPropagation();
            event.currentTarget.setPointerCapture(event.pointerId);
            setDrag(end);
          }}
          onPointerMove={(event) => {
            if (drag === end) {
              onChange(moved(end, toMm(event)));
            }
          }}
          onPointerUp={() => setDrag(null)}
          onPointerCancel={() => setDrag(null)}
        >
          <circle cx={line[end][0]} cy={line[end][1]} r={24 * px} fill="transparent" />
          <rect
            x={line[end][0] - 8 * px}
            y={line[end][1] - 8 * px}
            width={16 * px}
            height={16 * px}
            fill={tokens.press}
            stroke={tokens.pressInk}
            strokeWidth={2 * px}
          />
        </g>
      ))}
    </g>
  );
}
