import { t } from '@lingui/core/macro';
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
import { paintOf } from './paint';
import { turned, turnedBack, turnedBox, turnOf, type Turn } from './turn';

export interface MapScale {
  /** mm on the car for one pixel on the screen: multiply to get sizes that stay the same at every zoom */
  mmPerPx: number;
  toMm: (event: { clientX: number; clientY: number }) => Pair;
  /** How far the sheet is turned, degrees: lettering is turned back by it. */
  turn: Turn;
}

interface Props {
  body: BodyShape;
  label: string;
  selected?: string | null;
  inPlay: ReadonlySet<string>;
  onPanel?: (panel: BodyPanel, at: Pair | null) => void;
  /** The panels to show when the map opens and when "fit" is pressed; empty is the whole car. */
  focus: readonly string[];
  /** What to show of the panels in focus, when that is less than all of them. */
  nearby?: readonly number[] | null;
  /** Presses on panels draw instead of moving the map. */
  drawing?: boolean;
  onDraw?: (phase: 'start' | 'move' | 'end', at: Pair, panel: string | null) => void;
  onKey?: (event: KeyboardEvent, turn: Turn) => void;
  /** The colour of the car as read; the panels in play carry it. */
  paint?: string | null;
  /** What stands upright when the panels in focus are shown: the panel of the first repair. */
  upright?: string | null;
  /** stands beside the buttons that zoom */
  controls?: ReactNode;
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
  nearby = null,
  drawing = false,
  onDraw,
  onKey,
  paint = null,
  upright = null,
  controls,
  children,
  height = '100%',
}: Props) {
  const { tokens } = useTheme();
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [size, setSize] = useState({ w: 900, h: 600 });
  const [wholeCar, setWholeCar] = useState(false);
  const stands = body.panels.find((p) => p.id === (upright ?? focus[0]));
  // The whole car keeps the carton's lie: front to the left, both sides folded out.
  const turn: Turn = wholeCar || focus.length === 0 || stands === undefined ? 0 : turnOf(stands, body);
  const boxes = useMemo(() => {
    const panels = body.panels.filter((p) => focus.includes(p.id)).map((p) => p.box);
    const shown = wholeCar ? [] : nearby === null ? panels : [nearby];
    return (shown.length > 0 ? shown : [body.box]).map((b) => turnedBox(b, turn));
  }, [body, focus, nearby, wholeCar, turn]);
  const close = !wholeCar && focus.length > 0;
  const fitted = useMemo(() => viewAround(boxes, close ? 90 : 40, size.w / size.h), [boxes, close, size]);
  const [chosen, setChosen] = useState<{ view: View; forFocus: string } | null>(null);
  const focusKey = `${focus.join(' ')} ${size.w}x${size.h} ${turn} ${close}`;
  const view = chosen !== null && chosen.forFocus === focusKey ? chosen.view : fitted;
  const setView = (next: View) => setChosen({ view: next, forFocus: focusKey });
  const show = (whole: boolean) => {
    setWholeCar(whole);
    setChosen(null);
  };
  const mmPerPx = view.w / size.w;
  const colours = paintOf(paint, tokens);

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
      const x = view.x + (event.clientX - (box?.left ?? 0)) * mmPerPx;
      const y = view.y + (event.clientY - (box?.top ?? 0)) * mmPerPx;
      return turnedBack([x, y], turn);
    },
    [view, mmPerPx, turn],
  );

  // React listens to the wheel passively, and a passive listener cannot keep the page from scrolling.
  const latest = useRef({ view, toMm, setView, turn });
  useEffect(() => {
    latest.current = { view, toMm, setView, turn };
  });
  useEffect(() => {
    const element = svg.current;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const now = latest.current;
      const at = turned(now.toMm(event), now.turn);
      now.setView(zoomed(now.view, Math.exp(event.deltaY * 0.0015), at));
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
    <Box
      sx={{
        height,
        minHeight: 220,
        backgroundColor: tokens.ground,
        overflow: 'hidden',
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <svg
        ref={svg}
        role="group"
        aria-label={label}
        viewBox={`${view.x} ${view.y} ${view.w} ${view.h}`}
        style={{
          width: '100%',
          flex: '1 1 0',
          minHeight: 0,
          display: 'block',
          // A swipe beside the panels scrolls the page; on a panel it moves the map.
          touchAction: 'pan-y pinch-zoom',
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
        onKeyDown={(event) => onKey?.(event, turn)}
      >
        <defs>
          <pattern id="bed" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2={9 * px} stroke={colours.ink} strokeOpacity={0.28} strokeWidth={1.1 * px} />
          </pattern>
        </defs>
        <g transform={turn === 0 ? undefined : `rotate(${turn})`}>
          <Trim
            trim={body.trim.filter((t) => !ON_PAINT.has(t.kind))}
            px={px}
            ink={tokens.panelLine}
            fill={tokens.trim}
          />
          {body.panels.map((panel) => (
            <path
              key={panel.id}
              d={ringsPath([panel.outline])}
              data-panel={panel.id}
              tabIndex={onPanel ? 0 : undefined}
              role={onPanel ? 'button' : undefined}
              aria-label={onPanel ? panel.name : undefined}
              aria-pressed={onPanel ? panel.id === selected : undefined}
              fill={inPlay.has(panel.id) ? colours.fill : tokens.panel}
              stroke={panel.id === selected ? tokens.press : tokens.panelLine}
              strokeWidth={(panel.id === selected ? 2.5 : 0.9) * px}
              style={{ touchAction: 'none' }}
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
                    stroke={inPlay.has(panel.id) ? colours.ink : tokens.panelLine}
                    strokeOpacity={0.5}
                    strokeWidth={px}
                  />
                </g>
              )),
            )}
          </g>
          <Trim trim={body.trim.filter((t) => ON_PAINT.has(t.kind))} px={px} ink={tokens.panelLine} fill="none" />
          {body.panels.map((panel) => (
            <clipPath key={panel.id} id={`clip-${panel.id}`}>
              <path d={ringsPath([panel.outline])} />
            </clipPath>
          ))}
          {children({ mmPerPx: px, toMm, turn })}
        </g>
        <g pointerEvents="none" aria-hidden="true">
          {body.panels.map((panel) => {
            const [x0 = 0, y0 = 0, x1 = 0] = turnedBox(panel.box, turn);
            const [cx, cy] = turned(pair(panel.centre), turn);
            // What is drawn on is labelled beside its edge, so that the name is not under the contours.
            const drawnOn = inPlay.has(panel.id);
            return (x1 - x0) / px > panel.name.length * 6.4 ? (
              <text
                key={panel.id}
                x={drawnOn ? (x0 + x1) / 2 : cx}
                y={drawnOn ? y0 - 7 * px : cy}
                fontWeight={drawnOn ? 640 : 400}
                stroke={drawnOn ? tokens.ground : 'none'}
                strokeWidth={3 * px}
                paintOrder="stroke"
                fontSize={12.5 * px}
                textAnchor="middle"
                fill={drawnOn || inPlay.size === 0 ? tokens.ink : tokens.inkSoft}
              >
                {panel.name}
              </text>
            ) : null;
          })}
        </g>
        <g
          pointerEvents="none"
          aria-hidden="true"
          transform={`translate(${view.x + 16 * px} ${view.y + view.h - 18 * px})`}
        >
          <path
            d={`M0 ${-6 * px} V0 H${bar} V${-6 * px}`}
            fill="none"
            stroke={tokens.ground}
            strokeOpacity={0.8}
            strokeWidth={5 * px}
          />
          <path d={`M0 ${-6 * px} V0 H${bar} V${-6 * px}`} fill="none" stroke={tokens.ink} strokeWidth={1.5 * px} />
          <text
            x={bar / 2}
            y={-7 * px}
            fontSize={12.5 * px}
            textAnchor="middle"
            fill={tokens.ink}
            stroke={tokens.ground}
            strokeWidth={3 * px}
            paintOrder="stroke"
          >
            {formatMm(bar, units)}
          </text>
        </g>
      </svg>
      <Stack
        direction="row"
        // Below the drawing, not on it: a button over a panel hides what is drawn there.
        sx={{
          flexShrink: 0,
          alignItems: 'center',
          flexWrap: 'wrap',
          px: 1,
          backgroundColor: tokens.surface,
          borderTop: `1px solid ${tokens.line}`,
        }}
        className="no-print"
      >
        {controls}
        <Box sx={{ flexGrow: 1 }} />
        <MapButton label={t`Zoom in`} onClick={() => setView(zoomed(view, 0.7, middle))} icon={<AddIcon />} />
        <MapButton label={t`Zoom out`} onClick={() => setView(zoomed(view, 1.4, middle))} icon={<RemoveIcon />} />
        {focus.length > 0 && (
          <MapButton label={t`Fit the repair`} onClick={() => show(false)} icon={<FitScreenIcon />} />
        )}
        <MapButton label={t`Whole car`} onClick={() => show(true)} icon={<ZoomOutMapIcon />} />
      </Stack>
    </Box>
  );
}

const ON_PAINT: ReadonlySet<string> = new Set(['handle', 'lamp']);

/** Wheels, glass, lamps and handles, faint: they tell which car this is and where on it one is. */
export function Trim({ trim, px, ink, fill }: { trim: BodyShape['trim']; px: number; ink: string; fill: string }) {
  return (
    <g pointerEvents="none" aria-hidden="true">
      {trim.map((t, i) => (
        <path
          key={i}
          d={t.closed ? ringsPath([t.points]) : linePath(t.points)}
          fill={t.closed ? fill : 'none'}
          stroke={ink}
          strokeOpacity={0.5}
          strokeWidth={px}
        />
      ))}
    </g>
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
