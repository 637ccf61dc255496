import { useTheme } from '@mui/material';
import type { JobPlan } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { pair } from '../map/geometry';
import type { Turn } from '../map/turn';

/** Blend room as lengths to each edge. Short ones are heavier and carry a mark, so that colour is not the only sign. */
export function RoomLines({ rooms, px, turn }: { rooms: JobPlan['rooms']; px: number; turn: Turn }) {
  const { tokens } = useTheme();
  const units = useUnits();
  return (
    <g pointerEvents="none" aria-hidden="true">
      {rooms.map((room) => {
        const [x0, y0] = pair(room.from);
        const [x1, y1] = pair(room.to);
        const colour = room.short ? tokens.lookOut : tokens.ink;
        const open = room.neighbour === null;
        return (
          <g key={room.repair + room.edge} opacity={open ? 0.55 : 1}>
            <path d={`M${x0} ${y0} L${x1} ${y1}`} stroke={tokens.raised} strokeOpacity={0.7} strokeWidth={4.5 * px} />
            <line
              x1={x0}
              y1={y0}
              x2={x1}
              y2={y1}
              stroke={colour}
              strokeWidth={(room.short ? 2.4 : 1.2) * px}
              strokeDasharray={open ? `${4 * px} ${4 * px}` : undefined}
            />
            <circle cx={x1} cy={y1} r={2.6 * px} fill={colour} />
            <text
              transform={`translate(${(x0 + x1) / 2} ${(y0 + y1) / 2}) rotate(${-turn})`}
              dy={-6 * px}
              fontSize={13 * px}
              fontWeight={640}
              textAnchor="middle"
              fill={colour}
              stroke={tokens.raised}
              strokeWidth={4 * px}
              paintOrder="stroke"
            >
              {room.short ? '▲ ' : ''}
              {formatQuantity(room.room, units)}
            </text>
          </g>
        );
      })}
    </g>
  );
}
