import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Checkbox, FormControlLabel, useTheme } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useMemo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { BodyPanel, BodyShape, RepairPart } from '../api/types';
import { addRepair, DEFAULT_SPOT_MM, movedShape, removeRepair, setWaxed, updateRepair } from '../bench/document';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { singleKeys } from '../kit/shortcuts';
import { formatQuantity } from '../kit/units';
import { BodyMap } from '../map/BodyMap';
import { linePath, pair, type Pair } from '../map/geometry';
import { RepairShape } from '../map/PlanLayers';
import { turnedBack, type Turn } from '../map/turn';
import { CarToolbar, type Tool } from './CarToolbar';
import { PanelSizeDialog } from './PanelSizeDialog';
import { RepairEditor } from './RepairEditor';
import { RoomLines } from './RoomLines';

/** Smallest radius a drag can make, mm; below it the press counts as a tap. */
const LEAST_RADIUS_MM = 10;

type Sketch =
  { kind: 'spot'; panel: string; centre: Pair; radius: number } | { kind: 'outline'; panel: string; points: Pair[] };

export function CarStation({ handle, body }: { handle: BenchHandle; body: BodyShape }) {
  const { document, plan } = handle;
  const { tokens } = useTheme();
  const units = useUnits();
  const [tool, setTool] = useState<Tool>('choose');
  const [panelId, setPanelId] = useState<string | null>(document.repairs[0]?.panel ?? null);
  const [repairId, setRepairId] = useState<string | null>(document.repairs[0]?.id ?? null);
  const [measuring, setMeasuring] = useState(false);
  const [sketch, setSketch] = useState<Sketch | null>(null);
  const [dragging, setDragging] = useState<{ id: string; from: Pair; shape: RepairPart['shape'] } | null>(null);
  // The map opens on the repairs that were there; it does not jump while somebody draws.
  const [focus] = useState(() => [...new Set(document.repairs.map((r) => r.panel))]);
  const panelName = (id: string) => body.panels.find((p) => p.id === id)?.name ?? id;
  const repair = document.repairs.find((r) => r.id === repairId) ?? null;
  const panel = body.panels.find((p) => p.id === panelId) ?? null;
  const inPlay = useMemo(() => new Set(document.repairs.map((r) => r.panel)), [document.repairs]);

  const add = (onPanel: string, shape: RepairPart['shape']) => {
    const next = addRepair(document, onPanel, panelName(onPanel), shape);
    handle.change(next);
    setRepairId(next.document.repairs.at(-1)?.id ?? null);
    setPanelId(onPanel);
    setTool('choose');
  };
  const addSpotInMiddle = () => {
    if (panel !== null) {
      const [x, y] = pair(panel.centre);
      add(panel.id, { kind: 'spot', xMm: Math.round(x), yMm: Math.round(y), radiusMm: DEFAULT_SPOT_MM });
    }
  };
  const choosePanel = (chosen: BodyPanel) => {
    setPanelId(chosen.id);
    setRepairId(document.repairs.find((r) => r.panel === chosen.id)?.id ?? null);
  };
  const draw = (phase: 'start' | 'move' | 'end', at: Pair, onPanel: string | null) => {
    if (phase === 'start' && onPanel !== null) {
      setSketch(
        tool === 'spot'
          ? { kind: 'spot', panel: onPanel, centre: at, radius: 0 }
          : { kind: 'outline', panel: onPanel, points: [at] },
      );
    } else if (sketch?.kind === 'spot') {
      const radius = Math.hypot(at[0] - sketch.centre[0], at[1] - sketch.centre[1]);
      if (phase === 'move') {
        setSketch({ ...sketch, radius });
      } else {
        setSketch(null);
        add(sketch.panel, {
          kind: 'spot',
          xMm: Math.round(sketch.centre[0]),
          yMm: Math.round(sketch.centre[1]),
          radiusMm: radius < LEAST_RADIUS_MM ? DEFAULT_SPOT_MM : Math.round(radius),
        });
      }
    } else if (sketch?.kind === 'outline') {
      if (phase === 'move') {
        setSketch({ ...sketch, points: [...sketch.points, at] });
      } else {
        setSketch(null);
        add(sketch.panel, {
          kind: 'outline',
          points: sketch.points.map(([x, y]) => [Math.round(x * 10) / 10, Math.round(y * 10) / 10]),
        });
      }
    }
  };
  // An arrow moves it where the arrow points on the screen.
  const moveBy = (right: number, down: number, turn: Turn) => {
    const [dx, dy] = turnedBack([right, down], turn);
    if (repair !== null && repair.shape.kind !== 'new-part') {
      handle.change(
        updateRepair(
          document,
          repair.id,
          { shape: movedShape(repair.shape, dx, dy) },
          t`Moved the repair on ${panelName(repair.panel)}`,
        ),
      );
    }
  };
  const resizeBy = (mm: number) => {
    if (repair?.shape.kind === 'spot') {
      const radiusMm = Math.max(5, (repair.shape.radiusMm ?? 0) + mm);
      handle.change(
        updateRepair(
          document,
          repair.id,
          { shape: { ...repair.shape, radiusMm } },
          t`Radius ${formatQuantity({ value: radiusMm, unit: 'mm' }, 'metric')}`,
        ),
      );
    }
  };
  const remove = () => {
    if (repair !== null) {
      handle.change(removeRepair(document, repair.id));
      setRepairId(null);
    }
  };
  const keys = (event: KeyboardEvent, turn: Turn) => {
    if (event.ctrlKey || event.metaKey || event.altKey) {
      return;
    }
    const step = event.shiftKey ? 1 : 10;
    const actions: Record<string, () => void> = {
      ArrowLeft: () => moveBy(-step, 0, turn),
      ArrowRight: () => moveBy(step, 0, turn),
      ArrowUp: () => moveBy(0, -step, turn),
      ArrowDown: () => moveBy(0, step, turn),
      '+': () => resizeBy(5),
      '=': () => resizeBy(5),
      '-': () => resizeBy(-5),
      Delete: remove,
      Backspace: remove,
      ...(singleKeys() ? { s: addSpotInMiddle, n: () => panel !== null && add(panel.id, { kind: 'new-part' }) } : {}),
      Escape: () => setTool('choose'),
    };
    const action = actions[event.key];
    if (action !== undefined) {
      event.preventDefault();
      event.stopPropagation();
      action();
    }
  };
  const grab = (event: PointerEvent<SVGGElement>, grabbed: RepairPart, at: Pair) => {
    // The repair is chosen when it is let go: choosing changes the editor below, and the map must not move meanwhile.
    event.stopPropagation();
    if (grabbed.shape.kind !== 'new-part') {
      event.currentTarget.setPointerCapture(event.pointerId);
      setDragging({ id: grabbed.id, from: at, shape: grabbed.shape });
    }
  };

  return (
    <Box sx={{ display: 'flex', flexGrow: 1, flexDirection: { xs: 'column', lg: 'row' }, minHeight: 0 }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, display: 'flex', flexDirection: 'column', overflowY: { lg: 'auto' } }}>
        <CarToolbar
          tool={tool}
          setTool={setTool}
          body={body}
          panel={panel}
          onPanel={choosePanel}
          onSpot={addSpotInMiddle}
          onNewPart={() => panel !== null && add(panel.id, { kind: 'new-part' })}
          onMeasure={() => setMeasuring(true)}
          measured={panel !== null && document.car.sizes?.[panel.id] !== undefined}
        >
          <FormControlLabel
            control={
              <Checkbox
                checked={handle.document.car.waxed === true}
                onChange={(event) => handle.change(setWaxed(handle.document, event.target.checked))}
              />
            }
            label={t`Waxed, or silicone was used on it`}
          />
        </CarToolbar>
        <Box
          sx={{
            flexGrow: { lg: 1 },
            height: { xs: 340, md: 'max(320px, calc(100dvh - 470px))', lg: 'auto' },
            minHeight: { lg: 260 },
            position: 'relative',
            '& > *': { position: { lg: 'absolute !important' }, inset: 0 },
          }}
        >
          <BodyMap
            body={body}
            label={t`${body.name}, unrolled to scale. Choose a panel.`}
            selected={panelId}
            inPlay={inPlay}
            onPanel={choosePanel}
            focus={focus}
            drawing={tool !== 'choose'}
            onDraw={draw}
            onKey={keys}
            paint={handle.bench.paint}
            upright={repair?.panel ?? null}
          >
            {({ mmPerPx: px, toMm, turn }) => (
              <>
                {document.repairs.map((r) => (
                  <g
                    key={r.id}
                    role="button"
                    tabIndex={0}
                    aria-label={t`Repair on ${panelName(r.panel)}`}
                    aria-pressed={r.id === repairId}
                    data-repair={r.id}
                    style={{
                      cursor: r.shape.kind === 'new-part' ? 'pointer' : 'move',
                      pointerEvents: tool === 'choose' && r.shape.kind !== 'new-part' ? 'auto' : 'none',
                    }}
                    onFocus={(event) => {
                      if (event.currentTarget.matches(':focus-visible')) {
                        setRepairId(r.id);
                        setPanelId(r.panel);
                      }
                    }}
                    onPointerDown={(event) => grab(event, r, toMm(event))}
                    onPointerMove={(event) => {
                      if (dragging?.id === r.id) {
                        const [x, y] = toMm(event);
                        handle.preview(
                          updateRepair(
                            document,
                            r.id,
                            { shape: movedShape(dragging.shape, x - dragging.from[0], y - dragging.from[1]) },
                            '',
                          ).document,
                        );
                      }
                    }}
                    onPointerCancel={() => {
                      setDragging(null);
                      handle.preview(null);
                    }}
                    onPointerUp={(event) => {
                      if (dragging?.id === r.id) {
                        const [x, y] = toMm(event);
                        const [dx, dy] = [x - dragging.from[0], y - dragging.from[1]];
                        if (Math.hypot(dx, dy) > 3 * px) {
                          handle.change(
                            updateRepair(
                              document,
                              r.id,
                              { shape: movedShape(dragging.shape, dx, dy) },
                              t`Moved the repair on ${panelName(r.panel)}`,
                            ),
                          );
                        } else {
                          handle.preview(null);
                        }
                        setDragging(null);
                        setRepairId(r.id);
                        setPanelId(r.panel);
                      }
                    }}
                  >
                    <RepairShape
                      repair={r}
                      body={body}
                      fill={r.shape.kind === 'new-part' ? tokens.primer : tokens.patch}
                      fillOpacity={r.shape.kind === 'new-part' ? 0.45 : 1}
                      stroke={r.id === repairId ? tokens.press : tokens.patchInk}
                      strokeWidth={(r.id === repairId ? 3 : 1.5) * px}
                    />
                  </g>
                ))}
                <RoomLines
                  rooms={plan.rooms.filter((room) => repair === null || room.repair === repair.id)}
                  px={px}
                  turn={turn}
                />
                {sketch?.kind === 'spot' && (
                  <circle
                    cx={sketch.centre[0]}
                    cy={sketch.centre[1]}
                    r={Math.max(sketch.radius, 2 * px)}
                    fill={tokens.primer}
                    fillOpacity={0.6}
                    stroke={tokens.press}
                    strokeWidth={2 * px}
                  />
                )}
                {sketch?.kind === 'outline' && (
                  <path
                    d={linePath(sketch.points)}
                    fill={tokens.primer}
                    fillOpacity={0.4}
                    stroke={tokens.press}
                    strokeWidth={2 * px}
                  />
                )}
              </>
            )}
          </BodyMap>
        </Box>
        <RepairEditor
          handle={handle}
          body={body}
          repair={repair}
          onChoose={(r) => {
            setRepairId(r.id);
            setPanelId(r.panel);
          }}
          onRemove={remove}
        />
      </Box>
      {measuring && panel !== null && (
        <PanelSizeDialog handle={handle} panel={panel} onClose={() => setMeasuring(false)} />
      )}
      <Meaning plan={plan} where={(at) => at === 'zone:repair' || at === 'zone:sealer'} />
      <Box sx={visuallyHidden}>
        <table>
          <caption>
            <Trans>Blend room of each repair</Trans>
          </caption>
          <thead>
            <tr>
              <th>
                <Trans>Panel</Trans>
              </th>
              <th>
                <Trans>Towards</Trans>
              </th>
              <th>
                <Trans>Room</Trans>
              </th>
              <th>
                <Trans>Enough</Trans>
              </th>
            </tr>
          </thead>
          <tbody>
            {plan.rooms.map((room) => (
              <tr key={room.repair + room.edge}>
                <td>{panelName(room.panel)}</td>
                <td>{room.edge}</td>
                <td>{formatQuantity(room.room, units)}</td>
                <td>{room.neighbour === null ? t`nothing beyond` : room.short ? t`short` : t`yes`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
    </Box>
  );
}
