import { t } from '@lingui/core/macro';
import { useTheme } from '@mui/material';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { BodyShape, PlannedCoat } from '../api/types';
import { moveReach, reachOf, resetReach } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import type { Pair } from '../map/geometry';
import { gripPlaces, movableCoats, planCentre } from '../map/PlanLayers';
import { reachAfterDrag, reachAfterKey } from './reach';

interface Props {
  handle: BenchHandle;
  body: BodyShape;
  px: number;
  toMm: (event: { clientX: number; clientY: number }) => Pair;
  turn: number;
  chosen: string | null;
  onChoose: (coat: string | null) => void;
}

interface Drag {
  coat: string;
  from: Pair;
  centre: Pair;
  reach: number;
  at: Pair;
}

/** A grip on each contour: drag it outwards or inwards, or move it with the arrow keys. */
export function Handles({ handle, body, px, toMm, turn, chosen, onChoose }: Props) {
  const { tokens } = useTheme();
  const units = useUnits();
  const { document, plan } = handle;
  const [drag, setDrag] = useState<Drag | null>(null);
  const centre = planCentre(document, body);
  const coats = movableCoats(plan);
  const places = gripPlaces(plan, document, body, px, turn);

  const start = (event: PointerEvent<SVGGElement>, coat: PlannedCoat, at: Pair) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    onChoose(coat.id);
    setDrag({ coat: coat.id, from: toMm(event), centre, reach: coat.reach?.value ?? 0, at });
  };
  const reachNow = (event: PointerEvent<SVGGElement>, d: Drag) =>
    reachAfterDrag(d.reach, d.centre, d.at, d.from, toMm(event));
  const key = (event: KeyboardEvent<SVGGElement>, coat: PlannedCoat) => {
    const reach = reachAfterKey(event.key, event.shiftKey, reachOf(document, coat));
    if (reach !== null) {
      event.preventDefault();
      handle.change(moveReach(document, plan.sequence, coat.id, coat.name, reach));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      handle.change(resetReach(document, plan.sequence, coat.id, coat.name));
    }
  };

  return (
    <g>
      {coats.map((coat, i) => {
        const at = places[i];
        if (at === null || at === undefined || coat.reach === null) {
          return null;
        }
        const active = coat.id === chosen;
        return (
          <g
            key={coat.id}
            role="slider"
            tabIndex={0}
            aria-label={t`Reach of ${coat.name}`}
            aria-valuemin={0}
            aria-valuemax={1500}
            aria-valuenow={coat.reach.value}
            aria-valuetext={t`${formatMm(coat.reach.value, units)} past the primer`}
            data-coat={coat.id}
            style={{ cursor: 'grab', touchAction: 'none' }}
            onFocus={() => onChoose(coat.id)}
            onBlur={() => onChoose(null)}
            onKeyDown={(event) => key(event, coat)}
            onDoubleClick={() => handle.change(resetReach(document, plan.sequence, coat.id, coat.name))}
            onPointerDown={(event) => start(event, coat, at)}
            onPointerMove={(event) =>
              drag?.coat === coat.id &&
              handle.preview(moveReach(document, plan.sequence, coat.id, coat.name, reachNow(event, drag)).document)
            }
            onPointerCancel={() => {
              setDrag(null);
              handle.preview(null);
            }}
            onPointerUp={(event) => {
              if (drag?.coat === coat.id) {
                const reach = reachNow(event, drag);
                setDrag(null);
                if (Math.abs(reach - drag.reach) >= 1) {
                  handle.change(moveReach(document, plan.sequence, coat.id, coat.name, reach));
                } else {
                  handle.preview(null);
                }
              }
            }}
          >
            <circle cx={at[0]} cy={at[1]} r={24 * px} fill="transparent" />
            <circle
              cx={at[0]}
              cy={at[1]}
              r={(active ? 10 : 8) * px}
              fill={tokens.press}
              stroke={tokens.pressInk}
              strokeWidth={2 * px}
            />
            <text
              transform={`translate(${at[0]} ${at[1]}) rotate(${-turn})`}
              dx={14 * px}
              dy={4.5 * px}
              fontSize={12.5 * px}
              fontWeight={700}
              fill={tokens.press}
              stroke={tokens.raised}
              strokeWidth={4 * px}
              paintOrder="stroke"
              aria-hidden="true"
            >
              {active ? `${coat.name}, ${formatMm(coat.reach.value, units)}` : ''}
            </text>
          </g>
        );
      })}
    </g>
  );
}
