import { t } from '@lingui/core/macro';
import { useTheme } from '@mui/material';
import type { CoatStep } from '../api/types';

const WIDTH = 104;
const PRIMER = 14;
const ROW = 6;
const LAST = WIDTH - 2;

/** The reach chart of a school, small: a line for each coat, from the primer out to where it is gone. */
export function SchoolPicture({ coats }: { coats: readonly CoatStep[] }) {
  const { tokens } = useTheme();
  const shown = coats.filter((c) => c.kind !== 'clear');
  const height = shown.length * ROW + 4;
  const furthest = Math.max(0.5, ...shown.map((c) => goneAt(c) ?? 0));
  const x = (share: number) => PRIMER + (share / furthest) * (LAST - PRIMER - 8);
  return (
    <svg
      width={WIDTH}
      height={height}
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={t`How far each coat reaches`}
      style={{ flexShrink: 0 }}
    >
      <rect x={0} y={0} width={PRIMER} height={height} fill={tokens.primer} />
      {shown.map((coat, i) => {
        const y = 4 + i * ROW;
        const gone = goneAt(coat);
        const bed = coat.kind === 'wet-bed';
        if (gone === null) {
          return (
            <path
              key={coat.id}
              d={`M0 ${y} H${LAST}`}
              stroke={bed ? tokens.bed : tokens.ink}
              strokeWidth={bed ? 1.5 : 3}
              strokeDasharray={bed ? '4 2.5' : undefined}
            />
          );
        }
        const full = x(coat.extent.reach ?? 0);
        const end = x(gone);
        const half = 1.2 + Math.min(1, coat.film ?? 1);
        return (
          <path
            key={coat.id}
            d={`M0 ${y - half} H${full} L${end} ${y} L${full} ${y + half} H0 Z`}
            fill={bed ? tokens.bed : tokens.ink}
            fillOpacity={coat.kind === 'control' ? 0.55 : 1}
          />
        );
      })}
    </svg>
  );
}

/** Where nothing of a coat is left, as a share of the blend; null for a coat over the whole panel. */
function goneAt(coat: CoatStep): number | null {
  return coat.extent.kind === 'whole-panel' ? null : (coat.extent.reach ?? 0) + (coat.extent.fade ?? 0);
}
