import AddIcon from '@mui/icons-material/Add';
import FitScreenIcon from '@mui/icons-material/FitScreen';
import RemoveIcon from '@mui/icons-material/Remove';
import ZoomOutMapIcon from '@mui/icons-material/ZoomOutMap';
import { Box, IconButton, Stack, Tooltip, useTheme } from '@mui/material';
import {
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
} from 'react';
import type { BodyPanel, BodyShape } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { linePath, pair, ringsPath, scaleBar, viewAround, zoomed, type Pair, type View } from './geometry';

export interface MapScale {
  /** mm on the car for one pixel on the screen: multiply to get sizes that stay the same at every zoom */
  mmPerPx: number;
  toMm: (event: { clientX: number; clientY: number }) => Pair;
}

interface Props {
  body: BodyShape;
  label: string;
  selected?: string | null;
  inPlay: ReadonlySet<string>;
  onPanel?: (panel: BodyPanel, at: Pair | null) => void;
  /** The panels to show when the map opens and when "fit" is pressed; empty is the whole car. */
  focus: readonly string[];
  /** Presses on panels draw instead of moving the map. */
  drawing?: boolean;
  onDraw?: (phase: 'start' | 'move' | 'end', at: Pair, panel: string | null) => void;
  onKey?: (event: KeyboardEvent) => void;
  children: (scale: MapScale) => ReactNode;
  height?: number | string;
}

/** The car unrolled to scale. Drag moves it, the wheel and the buttons zoom; sizes on screen do not change with the zoom. */
export function BodyMap({
  body,
  label,
  selected = null,
  inPlay,
  onPanel,
  focus,
  drawing = false,
  onDraw,
  onKey,
  children,
  height = '100%',
}: Props) {
  const { tokens } = useTheme();
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [size, setSize] = useState({ w: 900, h: 600 });
  const whole = useMemo(() => [body.box], [body]);
  const focusBoxes = useMemo(() => body.panels.filter((p) => focus.includes(p.id)).map((p) => p.box), [body, focus]);
  const fit = useCallback(
    (boxes: readonly (readonly number[])[]) =>
      viewAround(boxes.length > 0 ? boxes : whole, boxes.length > 0 ? 90 : 40, size.w / size.h),
    [size, whole],
  );
  const [chosen, setChosen] = useState<{ view: View; forFocus: string } | null>(null);
  const focusKey = `${focus.join(' ')} ${size.w}x${size.h}`;
  const view = chosen !== null && chosen.forFocus === focusKey ? chosen.view : fit(focusBoxes);
  const setView = (next: View) => setChosen({ view: next, forFocus: focusKey });
  const mmPerPx = view.w / size.w;

  useEffect(() => {
    const element = svg.current;
    if (element === null) {
      return;
    }
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined && entry.contentRect.width > 0 && entry.contentRect.height > 0) {
        setSize({ w: entry.contentRect.width, h: entry.contentRect.height });
      }
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const toMm = useCallback(
    (event: { clientX: number; clientY: number }): Pair => {
      const box = svg.current?.getBoundingClientRect();
      return [
        view.x + (event.clientX - (box?.left ?? 0)) * mmPerPx,
        view.y + (event.clientY - (box?.top ?? 0)) * mmPerPx,
      ];
    },
    [view, mmPerPx],
  );

  // React listens to the wheel passively, and a passive listener cannot keep the page from scrolling.
  const latest = useRef({ view, toMm, setView });
  useEffect(() => {
    latest.current = { view, toMm, setView };
  });
  useEffect(() => {
    const element = svg.current;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const now = latest.current;
      now.setView(zoomed(now.view, Math.exp(event.deltaY * 0.0015), now.toMm(event)));
    };
    element?.addEventListener('wheel', wheel, { passive: false });
    return () => element?.removeEventListener('wheel', wheel);
  }, []);

  const drag = useRef<{ x: number; y: number; view: View; moved: boolean; draws: boolean } | null>(null);
  const down = (event: PointerEvent<SVGSVGElement>) => {
    if (event.button !== 0) {
      return;
    }
    const panel = (event.target as Element).closest('[data-panel]')?.getAttribute('data-panel') ?? null;
    const draws = drawing && panel !== null;
    drag.current = { x: event.clientX, y: event.clientY, view, moved: false, draws };
    if (draws) {
      event.currentTarget.setPointerCapture(event.pointerId);
      onDraw?.('start', toMm(event), panel);
    }
  };
  const move = (event: PointerEvent<SVGSVGElement>) => {
    const from = drag.current;
    if (from === null) {
      return;
    }
    if (from.draws) {
      onDraw?.('move', toMm(event), null);
      return;
    }
    const dx = event.clientX - from.x;
    const dy = event.clientY - from.y;
    if (from.moved || Math.hypot(dx, dy) > 4) {
      from.moved = true;
      setView({ ...from.view, x: from.view.x - dx * mmPerPx, y: from.view.y - dy * mmPerPx });
    }
  };
  const up = (event: PointerEvent<SVGSVGElement>) => {
    const from = drag.current;
    drag.current = null;
    if (from === null) {
      return;
    }
    if (from.draws) {
      onDraw?.('end', toMm(event), null);
    } else if (!from.moved) {
      const id = (event.target as Element).closest('[data-panel]')?.getAttribute('data-panel');
      const panel = body.panels.find((p) => p.id === id);
      if (panel !== undefined) {
        onPanel?.(panel, toMm(event));
      }
    }
  };

  const middle: Pair = [view.x + view.w / 2, view.y + view.h / 2];
  const bar = scaleBar(view.w * 0.22, units === 'us');
  const px = mmPerPx;
  return (
    <Box sx={{ position: 'relative', height, minHeight: 220, backgroundColor: tokens.ground, overflow: 'hidden' }}>
      <svg
        ref={svg}
        role="group"
        aria-label={label}
        viewBox={`${view.x} ${view.y} ${view.w} ${view.h}`}
        style={{
          width: '100%',
          height: '100%',
          display: 'block',
          touchAction: 'none',
          cursor: drawing ? 'crosshair' : 'grab',
          userSelect: 'none',
        }}
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={() => (drag.current = null)}
        // A press on the map must not begin to select the page's text: the next press would drag that text instead.
        onMouseDown={(event) => {
          event.preventDefault();
          (event.target as Element).closest<SVGElement>('[tabindex]')?.focus();
        }}
        onKeyDown={onKey}
      >
        <defs>
          <pattern id="bed" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2={9 * px} stroke={tokens.bed} strokeWidth={1.1 * px} />
          </pattern>
        </defs>
        {body.panels.map((panel) => (
          <path
            key={panel.id}
            d={ringsPath([panel.outline])}
            data-panel={panel.id}
            tabIndex={onPanel ? 0 : undefined}
            role={onPanel ? 'button' : undefined}
            aria-label={onPanel ? panel.name : undefined}
            aria-pressed={onPanel ? panel.id === selected : undefined}
            fill={inPlay.has(panel.id) ? tokens.panelInPlay : tokens.panel}
            stroke={panel.id === selected ? tokens.press : tokens.panelLine}
            strokeWidth={(panel.id === selected ? 2.5 : 1) * px}
            onKeyDown={(event) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                onPanel?.(panel, null);
              }
            }}
          />
        ))}
        <g pointerEvents="none" aria-hidden="true">
          {body.panels.flatMap((panel) =>
            panel.bodyLines.map((line) => (
              <g key={panel.id + line.name} clipPath={`url(#clip-${panel.id})`}>
                <path
                  d={linePath(line.points)}
                  fill="none"
                  stroke={tokens.panelLine}
                  strokeOpacity={0.55}
                  strokeWidth={px}
                />
              </g>
            )),
          )}
          {body.panels.map((panel) => {
            const wide = ((panel.box[2] ?? 0) - (panel.box[0] ?? 0)) / px;
            const [cx, cy] = pair(panel.centre);
            // What is drawn on is labelled beside its edge, so that the name is not under the contours.
            const drawnOn = inPlay.has(panel.id);
            const x = drawnOn ? ((panel.box[0] ?? 0) + (panel.box[2] ?? 0)) / 2 : cx;
            const y = drawnOn ? (panel.box[1] ?? 0) - 7 * px : cy;
            return wide > panel.name.length * 6.4 ? (
              <text
                key={panel.id}
                x={x}
                y={y}
                fontWeight={drawnOn ? 640 : 400}
                stroke={drawnOn ? tokens.ground : 'none'}
                strokeWidth={3 * px}
                paintOrder="stroke"
                fontSize={12 * px}
                textAnchor="middle"
                fill={tokens.ink}
                opacity={inPlay.size > 0 && !inPlay.has(panel.id) ? 0.62 : 0.9}
              >
                {panel.name}
              </text>
            ) : null;
          })}
        </g>
        {body.panels.map((panel) => (
          <clipPath key={panel.id} id={`clip-${panel.id}`}>
            <path d={ringsPath([panel.outline])} />
          </clipPath>
        ))}
        {children({ mmPerPx: px, toMm })}
        <g
          pointerEvents="none"
          aria-hidden="true"
          transform={`translate(${view.x + 16 * px} ${view.y + view.h - 18 * px})`}
        >
          <path d={`M0 ${-6 * px} V0 H${bar} V${-6 * px}`} fill="none" stroke={tokens.ink} strokeWidth={1.5 * px} />
          <text x={bar / 2} y={-7 * px} fontSize={12 * px} textAnchor="middle" fill={tokens.ink}>
            {formatMm(bar, units)}
          </text>
        </g>
      </svg>
      <Stack
        direction="row"
        sx={{
          position: 'absolute',
          top: 8,
          right: 8,
          backgroundColor: tokens.raised,
          borderRadius: 1,
          border: `1px solid ${tokens.line}`,
        }}
        className="no-print"
      >
        <MapButton label="Zoom in" onClick={() => setView(zoomed(view, 0.7, middle))} icon={<AddIcon />} />
        <MapButton label="Zoom out" onClick={() => setView(zoomed(view, 1.4, middle))} icon={<RemoveIcon />} />
        {focusBoxes.length > 0 && (
          <MapButton label="Fit the repair" onClick={() => setView(fit(focusBoxes))} icon={<FitScreenIcon />} />
        )}
        <MapButton label="Whole car" onClick={() => setView(fit(whole))} icon={<ZoomOutMapIcon />} />
      </Stack>
    </Box>
  );
}

function MapButton({ label, onClick, icon }: { label: string; onClick: () => void; icon: ReactNode }) {
  return (
    <Tooltip title={label} placement="top">
      <IconButton aria-label={label} onClick={onClick}>
        {icon}
      </IconButton>
    </Tooltip>
  );
}
