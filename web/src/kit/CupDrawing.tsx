import { t } from '@lingui/core/macro';
import { useTheme } from '@mui/material';
import type { Cup } from '../api/types';
import { useGrams } from './preferences';

/** Pixels for a millimetre of cup; all cups share it, so that a small one looks small. */
const SCALE = 1.5;

/** The cup in section, to scale, with a fill line for each thing poured. */
export function CupDrawing({ cup, scale = SCALE }: { cup: Cup; scale?: number }) {
  const weight = useGrams();
  const { tokens } = useTheme();
  const { bottomMm, topMm, heightMm } = cup.vessel;
  const s = scale;
  const w = topMm * s + 96;
  const h = heightMm * s + 16;
  const cx = (topMm * s) / 2 + 4;
  const widthAt = (mm: number) => (bottomMm + ((topMm - bottomMm) * mm) / heightMm) * s;
  const y = (mm: number) => h - 8 - mm * s;
  const left = (mm: number) => `${cx - widthAt(mm) / 2} ${y(mm)}`;
  const right = (mm: number) => `${cx + widthAt(mm) / 2} ${y(mm)}`;
  const band = (from: number, to: number) => `M${left(from)} L${left(to)} L${right(to)} L${right(from)} Z`;
  const pours = cup.pours.map((p) => t`${p.component} to ${weight(p.cumulativeGrams)}`);
  let below = 0;
  let lastLabel = Infinity;
  return (
    <svg width={w} height={h} viewBox={`0 0 ${w} ${h}`} role="img" aria-label={`${cup.name}: ${pours.join(', ')}`}>
      {cup.pours.map((pour, i) => {
        const from = below;
        below = pour.lineMm;
        const label = Math.min(y(pour.lineMm), lastLabel - 15);
        lastLabel = label;
        return (
          <g key={pour.component}>
            <path d={band(from, pour.lineMm)} fill={tokens.ink} fillOpacity={0.34 - i * 0.1} />
            <path
              d={`M${cx - widthAt(pour.lineMm) / 2} ${y(pour.lineMm)} H${cx + widthAt(pour.lineMm) / 2 + 6} L${cx + (topMm * s) / 2 + 10} ${label}`}
              fill="none"
              stroke={tokens.ink}
              strokeWidth={1.4}
            />
            <text x={cx + (topMm * s) / 2 + 13} y={label + 4.5} fontSize="13" fontWeight="640" fill={tokens.ink}>
              {weight(pour.cumulativeGrams)}
            </text>
          </g>
        );
      })}
      <path
        d={`M${left(heightMm)} L${left(0)} L${right(0)} L${right(heightMm)}`}
        fill="none"
        stroke={tokens.ink}
        strokeWidth={2.2}
        strokeLinejoin="round"
      />
    </svg>
  );
}
