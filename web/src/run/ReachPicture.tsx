import { t } from '@lingui/core/macro';
import { Box, useTheme } from '@mui/material';
import type { BodyPanel, BodyShape, RunDrawing, RunStep } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm, formatQuantity } from '../kit/units';
import { pair, ringsPath, type Pair } from '../map/geometry';
import { turned, turnOf, type Turn } from '../map/turn';

type Ring = readonly (readonly number[])[];

const MARGIN_MM = 60;

/** The panels with just this coat on them: where it is full, where its last dust lands, and the repair. */
export function ReachPicture({ drawing, step }: { drawing: RunDrawing; step: RunStep }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const first = drawing.panels[0];
  if (first === undefined) {
    return null;
  }
  const turn = standing(drawing, first);
  const lay = (rings: readonly Ring[]) => ringsPath(rings.map((ring) => ring.map((p) => turned(pair(p), turn))));
  const points = drawing.panels.flatMap((panel) => panel.outline.map((p) => turned(pair(p), turn)));
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const box = {
    x: Math.min(...xs) - MARGIN_MM,
    y: Math.min(...ys) - MARGIN_MM,
    w: Math.max(...xs) - Math.min(...xs) + 2 * MARGIN_MM,
    h: Math.max(...ys) - Math.min(...ys) + 2 * MARGIN_MM,
  };
  const unit = Math.max(box.w, box.h) / 600;
  const coat = step.coat === undefined ? undefined : drawing.coats[step.coat];
  const label = top(coat?.reach ?? [], turn);
  return (
    <Box
      component="svg"
      viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`}
      role="img"
      aria-label={
        step.reach == null
          ? t`The panels that it goes on, edge to edge`
          : t`How far it goes: ${formatQuantity(step.reach, units)} past the repair`
      }
      sx={{ width: '100%', height: '100%', display: 'block' }}
    >
      <path
        d={lay(drawing.panels.map((p) => p.outline))}
        fill={tokens.panel}
        stroke={tokens.ink}
        strokeWidth={3 * unit}
      />
      {coat !== undefined && (
        <>
          <path
            d={lay(coat.limit)}
            fill="none"
            stroke={tokens.ink}
            strokeWidth={2.2 * unit}
            strokeDasharray={`${unit} ${7 * unit}`}
            strokeLinecap="round"
          />
          <path
            d={lay(coat.reach)}
            fill={tokens.panelInPlay}
            stroke={tokens.ink}
            strokeWidth={4 * unit}
            fillRule="evenodd"
          />
        </>
      )}
      <path d={lay(drawing.repairs)} fill={tokens.patch} stroke={tokens.patchInk} strokeWidth={1.5 * unit} />
      {step.reach != null && label !== null && (
        <text
          x={label[0]}
          y={label[1] - 10 * unit}
          fontSize={26 * unit}
          fontWeight={700}
          textAnchor="middle"
          fill={tokens.ink}
          stroke={tokens.panel}
          strokeWidth={6 * unit}
          paintOrder="stroke"
        >
          {formatMm(step.reach.value, units)}
        </text>
      )}
    </Box>
  );
}

/** Upright as a painter sees the panel that is hit. */
function standing(drawing: RunDrawing, panel: RunDrawing['panels'][number]): Turn {
  const xs = panel.outline.map((p) => p[0] ?? 0);
  const ys = panel.outline.map((p) => p[1] ?? 0);
  const centre = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  const looked = { kind: panel.kind, centre } as unknown as BodyPanel;
  return turnOf(looked, { box: drawing.box } as unknown as BodyShape);
}

/** The highest place of the rings, for the label on them. */
function top(rings: readonly Ring[], turn: Turn): Pair | null {
  let best: Pair | null = null;
  for (const ring of rings) {
    for (const p of ring) {
      const at = turned(pair(p), turn);
      best = best === null || at[1] < best[1] ? at : best;
    }
  }
  return best;
}
