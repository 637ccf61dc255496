import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, useTheme } from '@mui/material';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { JobPlan, PlannedCoat, UnitSystem } from '../api/types';
import { moveReach, reachOf, resetReach } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { formatMm, formatQuantity } from '../kit/units';
import { chartScale, fadePath, ticks, type ChartScale } from '../map/chart';
import { reachAfterKey } from './reach';

interface Props {
  handle: BenchHandle;
  chosen: string | null;
  onChoose: (coat: string) => void;
}

const ROW = 32;
const TOP = 24;
const LABELS = 200;
const WIDTH = 800;

/**
 * The coats in spraying order, each as far as it goes: drag a grip, or move it with the arrow keys; press a row to see
 * and change the coat.
 */
export function ReachChart({ handle, chosen, onChoose }: Props) {
  const { plan } = handle;
  const { tokens } = useTheme();
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  // Room for the gap's own label beyond it.
  const scale = chartScale(plan, LABELS, WIDTH - 72);
  const height = TOP + plan.coats.length * ROW + 30;
  return (
    <Box
      component="section"
      aria-label={t`Reach of the coats, in spraying order`}
      sx={{
        overflowX: 'auto',
        overflowY: 'hidden',
        backgroundColor: tokens.ground,
        borderBlock: `1px solid ${tokens.line}`,
        '& [role=slider]:focus-visible': { outline: 'none' },
        '& [role=slider]:focus-visible circle + circle': { stroke: tokens.ink, strokeWidth: 4 },
      }}
    >
      <svg
        ref={svg}
        viewBox={`0 0 ${WIDTH} ${height}`}
        style={{ display: 'block', width: '100%', minWidth: 620 }}
        role="list"
        aria-label={t`Coats`}
      >
        <defs>
          <pattern id="chart-hatch" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="8" stroke={tokens.line} strokeWidth="2" />
          </pattern>
        </defs>
        <Grid plan={plan} scale={scale} height={height} units={units} />
        {plan.coats.map((coat, i) => (
          <CoatRow
            key={coat.id}
            coat={coat}
            y={TOP + i * ROW}
            scale={scale}
            units={units}
            handle={handle}
            svg={svg}
            chosen={coat.id === chosen}
            onChoose={onChoose}
          />
        ))}
        <Lines plan={plan} scale={scale} height={height} units={units} />
      </svg>
    </Box>
  );
}

function Grid({ plan, scale, height, units }: { plan: JobPlan; scale: ChartScale; height: number; units: UnitSystem }) {
  const { tokens } = useTheme();
  return (
    <g aria-hidden="true">
      <text x={14} y={15} fontSize={12} fill={tokens.inkSoft}>
        <Trans>in spraying order</Trans>
      </text>
      {ticks(scale, units === 'us').map((mm) => (
        <g key={mm}>
          <line x1={scale.x(mm)} x2={scale.x(mm)} y1={18} y2={height - 28} stroke={tokens.line} />
          <text x={scale.x(mm)} y={14} fontSize={12} textAnchor="middle" fill={tokens.inkSoft}>
            {formatMm(mm, units).replace(/ (mm|in)$/, '')}
          </text>
        </g>
      ))}
      {plan.coats.length === 0 && (
        <text x={LABELS} y={TOP + 20} fontSize={13} fill={tokens.inkSoft}>
          <Trans>no coats yet</Trans>
        </text>
      )}
    </g>
  );
}

/** What is needed, where the gap is, and what the trade would take without computing. */
function Lines({
  plan,
  scale,
  height,
  units,
}: {
  plan: JobPlan;
  scale: ChartScale;
  height: number;
  units: UnitSystem;
}) {
  const { tokens } = useTheme();
  const { figure, room, usual, fades } = plan.need;
  const foot = height - 10;
  if (!fades) {
    return null;
  }
  const gap = room !== null && room.value <= scale.most ? scale.x(room.value) : null;
  const need = figure === null ? null : scale.x(figure.value);
  const apart = gap !== null && need !== null && Math.abs(gap - need) < 130;
  return (
    <g aria-hidden="true" pointerEvents="none">
      {need !== null && figure !== null && (
        <>
          <line
            x1={need}
            x2={need}
            y1={18}
            y2={height - 26}
            stroke={tokens.ink}
            strokeWidth={2}
            strokeDasharray="6 4"
          />
          <text
            x={apart && gap > need ? need - 5 : need + 5}
            y={foot}
            fontSize={13}
            fontWeight={680}
            textAnchor={apart && gap > need ? 'end' : 'start'}
            fill={tokens.ink}
          >
            <Trans>needed {formatMm(figure.value, units)}</Trans>
          </text>
        </>
      )}
      {gap !== null && room !== null && (
        <>
          <line x1={gap} x2={gap} y1={18} y2={height - 26} stroke={tokens.ink} strokeWidth={4} />
          <text
            x={apart && gap <= need ? gap - 6 : gap + 6}
            y={foot}
            fontSize={13}
            fontWeight={680}
            textAnchor={apart && gap <= need ? 'end' : 'start'}
            fill={tokens.ink}
          >
            <Trans>gap {formatMm(room.value, units)}</Trans>
          </text>
        </>
      )}
      <line
        x1={scale.x(usual.value)}
        x2={scale.x(usual.value)}
        y1={height - 34}
        y2={height - 26}
        stroke={tokens.inkSoft}
        strokeWidth={2}
      />
    </g>
  );
}

interface RowProps {
  coat: PlannedCoat;
  y: number;
  scale: ChartScale;
  units: UnitSystem;
  handle: BenchHandle;
  svg: React.RefObject<SVGSVGElement | null>;
  chosen: boolean;
  onChoose: (coat: string) => void;
}

function CoatRow({ coat, y, scale, units, handle, svg, chosen, onChoose }: RowProps) {
  const { tokens } = useTheme();
  const room = handle.plan.need.room?.value ?? scale.most;
  // Where neighbours join, a whole panel goes on past the gap.
  const end = scale.x(handle.plan.need.tooLong ? 0.92 * scale.most : room);
  const none =
    coat.reach === null ? coat.wholePanels.length === 0 : coat.contours.length === 0 && coat.limits.length === 0;
  return (
    <g role="listitem" aria-label={coat.name}>
      <rect
        x={0}
        y={y}
        width={WIDTH}
        height={ROW}
        fill={chosen ? tokens.raised : 'transparent'}
        style={{ cursor: 'pointer' }}
        onClick={() => onChoose(coat.id)}
      />
      <g pointerEvents="none">
        <text x={14} y={y + 14} fontSize={13.5} fontWeight={680} fill={tokens.ink}>
          {coat.name}
          {coat.moved ? t`, by hand` : ''}
        </text>
        <text x={14} y={y + 27} fontSize={11.5} fill={tokens.inkSoft}>
          {rowNote(coat, units)}
        </text>
        {coat.reach === null ? (
          <>
            <rect
              x={scale.x(0)}
              y={y + 5}
              width={Math.max(8, end - scale.x(0))}
              height={ROW - 11}
              fill="url(#chart-hatch)"
              stroke={tokens.panelLine}
            />
            <text x={Math.min(end + 8, WIDTH - 60)} y={y + 20} fontSize={12} fill={tokens.inkSoft}>
              {none ? t`not needed` : t`panel`}
            </text>
          </>
        ) : (
          <path
            d={fadePath(coat, scale, y + ROW - 6, ROW - 12)}
            fill={tokens.ink}
            fillOpacity={coat.kind === 'base' ? 0.45 : 0.25}
            stroke={tokens.ink}
            strokeWidth={chosen ? 2 : 1.2}
          />
        )}
      </g>
      {coat.movable && coat.reach !== null && (
        <Grip coat={coat} y={y + ROW / 2} scale={scale} units={units} handle={handle} svg={svg} onChoose={onChoose} />
      )}
      {!coat.movable && coat.reach !== null && (
        <text x={scale.x(coat.reach.value + coat.fadeMm) + 8} y={y + 20} fontSize={13} fill={tokens.ink}>
          {formatMm(coat.reach.value, units)}
        </text>
      )}
    </g>
  );
}

/** As much as fits under the coat's name. */
const rowNote = ({ mixture, added, gun }: PlannedCoat, units: UnitSystem): string =>
  // Of a mix made from the rest of another only what is added fits.
  (added === ''
    ? [mixture, formatQuantity(gun.pressure, units), formatQuantity(gun.distance, units)]
    : [`+ ${added}`, formatQuantity(gun.pressure, units)]
  ).join(', ');

function Grip({ coat, y, scale, units, handle, svg, onChoose }: Omit<RowProps, 'chosen'>) {
  const { tokens } = useTheme();
  const [from, setFrom] = useState<{ x: number; reach: number } | null>(null);
  const { document, plan } = handle;
  const reach = coat.reach?.value ?? 0;
  const toChart = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    return box === undefined ? 0 : ((event.clientX - box.left) / box.width) * WIDTH;
  };
  const reachAt = (event: PointerEvent, start: { x: number; reach: number }) =>
    Math.max(0, Math.round(start.reach + (toChart(event) - start.x) / scale.perMm));
  const key = (event: KeyboardEvent) => {
    const to = reachAfterKey(event.key, event.shiftKey, reachOf(document, coat));
    if (to !== null) {
      event.preventDefault();
      handle.change(moveReach(document, plan.sequence, coat.id, coat.name, to));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      handle.change(resetReach(document, plan.sequence, coat.id, coat.name));
    } else if (event.key === 'Enter') {
      onChoose(coat.id);
    }
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={t`${coat.name} reaches`}
      aria-valuemin={0}
      aria-valuemax={1500}
      aria-valuenow={reach}
      aria-valuetext={t`${formatMm(reach, units)} past the primer${coat.moved ? t`, set by hand` : ''}`}
      data-chart-coat={coat.id}
      style={{ cursor: 'ew-resize', touchAction: 'none' }}
      onFocus={() => onChoose(coat.id)}
      onKeyDown={key}
      onDoubleClick={() => handle.change(resetReach(document, plan.sequence, coat.id, coat.name))}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        onChoose(coat.id);
        setFrom({ x: toChart(event), reach });
      }}
      onPointerMove={(event) =>
        from !== null &&
        handle.preview(moveReach(document, plan.sequence, coat.id, coat.name, reachAt(event, from)).document)
      }
      onPointerCancel={() => {
        setFrom(null);
        handle.preview(null);
      }}
      onPointerUp={(event) => {
        if (from !== null) {
          const to = reachAt(event, from);
          setFrom(null);
          if (Math.abs(to - from.reach) >= 1) {
            handle.change(moveReach(document, plan.sequence, coat.id, coat.name, to));
          } else {
            handle.preview(null);
          }
        }
      }}
    >
      <circle cx={scale.x(reach)} cy={y} r={20} fill="transparent" />
      <circle cx={scale.x(reach)} cy={y} r={8} fill={tokens.press} stroke={tokens.pressInk} strokeWidth={2} />
      <text
        x={scale.x(reach) + 14}
        y={y + 4.5}
        fontSize={13.5}
        fontWeight={680}
        fill={tokens.ink}
        stroke={tokens.ground}
        strokeWidth={3.5}
        paintOrder="stroke"
        aria-hidden="true"
      >
        {formatMm(reach, units)}
      </text>
    </g>
  );
}
