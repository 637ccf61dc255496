import { useTheme } from '@mui/material';
import type { BodyShape, JobDocument, JobPlan, PlannedCoat, RepairPart, UnitSystem } from '../api/types';
import { formatMm } from '../kit/units';
import { middleOf, pair, placesApart, ringsPath, withoutEdge, type Pair } from './geometry';
import { paintOf } from './paint';
import { turnedBack, type Turn } from './turn';

type Rings = readonly (readonly (readonly number[])[])[];

export const ringsOf = (coat: PlannedCoat, which: 'contours' | 'limits'): Rings => coat[which].flatMap((c) => c.rings);

/** The stretches of a contour where the coat really ends, away from the panels' edges. */
export function openStretches(coat: PlannedCoat, body: BodyShape): Rings {
  return coat.contours.flatMap(({ panel, rings }) => {
    const edge = body.panels.find((p) => p.id === panel)?.outline ?? [];
    return rings.map((ring) => withoutEdge(ring, edge));
  });
}

/** Where the repairs of a panel have their middle: contours are labelled and handled as seen from there. */
export function planCentre(document: JobDocument, body: BodyShape): Pair {
  const first = document.repairs[0];
  if (first?.shape.kind === 'spot') {
    return [first.shape.xMm ?? 0, first.shape.yMm ?? 0];
  }
  if (first?.shape.kind === 'outline') {
    return middleOf(first.shape.points ?? []);
  }
  return pair(body.panels.find((p) => p.id === first?.panel)?.centre);
}

export const movableCoats = (plan: JobPlan): PlannedCoat[] =>
  plan.coats.filter((c) => c.colour && c.movable && c.reach !== null);

/** Where the grips of the movable coats sit, in their order. */
export function gripPlaces(
  plan: JobPlan,
  document: JobDocument,
  body: BodyShape,
  px: number,
  turn = 0,
): (Pair | null)[] {
  const coats = movableCoats(plan);
  const contours = coats.map((coat, i) => ({
    rings: openStretches(coat, body),
    degrees: -20 - turn + i * (130 / Math.max(1, coats.length - 1)),
  }));
  return placesApart(contours, planCentre(document, body), 40 * px);
}

/** Shape of a repair as an SVG path or circle. */
export function RepairShape({
  repair,
  body,
  ...style
}: {
  repair: RepairPart;
  body: BodyShape;
  fill: string;
  stroke: string;
  strokeWidth: number;
  fillOpacity?: number;
  strokeDasharray?: string;
}) {
  const { shape } = repair;
  switch (shape.kind) {
    case 'spot':
      return <circle cx={shape.xMm} cy={shape.yMm} r={shape.radiusMm} {...style} />;
    case 'outline':
      return <path d={ringsPath([shape.points ?? []])} {...style} />;
    case 'new-part':
      return <path d={ringsPath([body.panels.find((p) => p.id === repair.panel)?.outline ?? []])} {...style} />;
  }
}

const DASH: Partial<Record<PlannedCoat['kind'], (px: number) => string>> = {
  control: (px) => `${7 * px} ${4 * px}`,
  effect: (px) => `${7 * px} ${4 * px}`,
  half: (px) => `${3 * px} ${3 * px}`,
};

interface Props {
  plan: JobPlan;
  document: JobDocument;
  body: BodyShape;
  px: number;
  units: UnitSystem;
  /** how far the sheet is turned: lettering is turned back */
  turn?: number;
  /** the car's colour as read */
  paint?: string | null;
  chosen?: string | null;
  /** print: larger labels, no tints that cost ink */
  print?: boolean;
}

/** How heavy a contour is drawn: the repair's own coats fine, the last colour strong, like a map's main heights. */
const LIGHT_PX = 1.1;
const HEAVY_PX = 2.4;

/** Repair, coats as heights on a walker's map, wet bed hatched, clear's limit as a heavy line. */
export function PlanLayers(props: Props) {
  const { plan, document, body, px, units, turn = 0, paint = null, chosen = null, print = false } = props;
  const { tokens } = useTheme();
  const { ink, halo } = paintOf(print ? null : paint, tokens);
  const colours = plan.coats.filter((c) => c.colour);
  const outward = [...colours].sort((a, b) => (b.limitMm ?? 0) - (a.limitMm ?? 0));
  const widest = outward[0];
  const centre = planCentre(document, body);
  const bed = plan.coats.find((c) => c.kind === 'wet-bed');
  const faded = plan.coats.filter((c) => c.kind === 'clear' && c.reach !== null).at(-1);
  const scuffed = plan.coats.find((c) => c.kind === 'fade-solvent');
  const panel = (id: string) => body.panels.find((p) => p.id === id);
  const size = (print ? 13 : 12.5) * px;
  const back = -turn;
  const grips = print ? [] : gripPlaces(plan, document, body, px, turn).filter((p) => p !== null);
  // A grip's name runs to its right, so a label keeps off that too.
  const names = grips.map(([x, y]): Pair => {
    const [dx, dy] = turnedBack([44 * px, 0], turn as Turn);
    return [x + dx, y + dy];
  });
  const places = placesApart(
    outward.map((coat, i) => ({ rings: openStretches(coat, body), degrees: -162 + i * 36 + back })),
    centre,
    (print ? 62 : 44) * px,
    [...grips, ...names],
  );
  return (
    <g pointerEvents="none">
      {bed?.wholePanels.map((id) => (
        <path key={id} d={ringsPath([panel(id)?.outline ?? []])} fill="url(#bed)" stroke="none" />
      ))}
      {bed !== undefined && bed.reach !== null && (
        <path d={ringsPath(ringsOf(bed, 'limits'))} fill="url(#bed)" fillRule="evenodd" stroke="none" />
      )}
      {[faded, scuffed].map(
        (coat, i) =>
          coat !== undefined && (
            <path
              key={coat.id}
              d={ringsPath(ringsOf(coat, 'limits'))}
              fill="none"
              stroke={ink}
              strokeWidth={(i === 0 ? 1.8 : 1) * px}
              strokeDasharray={i === 0 ? `${9 * px} ${3 * px}` : `${2 * px} ${3 * px}`}
            />
          ),
      )}
      {widest !== undefined && (
        <path
          d={ringsPath(ringsOf(widest, 'limits'))}
          fill="none"
          stroke={ink}
          strokeWidth={1.2 * px}
          strokeLinecap="round"
          strokeDasharray={`${0.1 * px} ${4.5 * px}`}
        />
      )}
      {outward.map((coat, i) => (
        <path
          key={coat.id}
          d={ringsPath(ringsOf(coat, 'contours'))}
          fillRule="evenodd"
          fill={halo}
          fillOpacity={print ? 0 : 0.12}
          stroke={coat.id === chosen ? tokens.press : ink}
          strokeWidth={(coat.id === chosen ? 3.2 : i === 0 ? HEAVY_PX : LIGHT_PX) * px}
          strokeDasharray={DASH[coat.kind]?.(px)}
        />
      ))}
      {document.repairs.map((repair) => (
        <RepairShape
          key={repair.id}
          repair={repair}
          body={body}
          fill={repair.shape.kind === 'new-part' ? tokens.primer : tokens.patch}
          fillOpacity={repair.shape.kind === 'new-part' ? 0.35 : 1}
          stroke={tokens.patchInk}
          strokeWidth={1.6 * px}
        />
      ))}
      {plan.panels.map((p) => (
        <path
          key={p.id}
          d={ringsPath([panel(p.id)?.outline ?? []])}
          fill="none"
          stroke={tokens.ink}
          strokeWidth={3.4 * px}
          strokeLinejoin="round"
        />
      ))}
      {outward.map((coat, i) => {
        const at = places[i];
        return at === null || at === undefined || coat.reach === null ? null : (
          <text
            key={coat.id}
            transform={`translate(${at[0]} ${at[1]}) rotate(${back})`}
            dy={size * 0.35}
            fontSize={size}
            fontWeight={660}
            textAnchor="middle"
            fill={ink}
            stroke={halo}
            strokeWidth={3.5 * px}
            paintOrder="stroke"
          >
            {formatMm(coat.reach.value, units)}
          </text>
        );
      })}
    </g>
  );
}
