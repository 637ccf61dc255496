import { Box, useTheme } from '@mui/material';
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { BodyShape, Walk } from '../api/types';
import type { Pair } from '../map/geometry';
import { aspecular, clampStand, type Catch, type Room, type Side, type Stand } from './stand';
import { WalkScene } from './WalkScene';

interface Props {
  side: Side;
  walk: Walk;
  trim: BodyShape['trim'];
  stand: Stand;
  room: Room;
  times: 1 | 4;
  caught: Catch | null;
  label: string;
  onStand: (stand: Stand) => void;
  /** There is no WebGL here. */
  onMissing: () => void;
  onCanvas: (canvas: HTMLCanvasElement | null) => void;
}

/** A drag across the picture of this many pixels walks a degree along the car. */
const PX_PER_DEG = 7;
const NEARER_PER_PX = 0.004;

const KEYS: Record<string, (s: Stand) => Stand> = {
  ArrowLeft: (s) => ({ ...s, walkDeg: s.walkDeg - 3 }),
  ArrowRight: (s) => ({ ...s, walkDeg: s.walkDeg + 3 }),
  ArrowUp: (s) => ({ ...s, fromM: s.fromM / 1.1 }),
  ArrowDown: (s) => ({ ...s, fromM: s.fromM * 1.1 }),
  PageUp: (s) => ({ ...s, eyeM: s.eyeM + 0.1 }),
  PageDown: (s) => ({ ...s, eyeM: s.eyeM - 0.1 }),
  '[': (s) => ({ ...s, lampDeg: s.lampDeg - 5 }),
  ']': (s) => ({ ...s, lampDeg: s.lampDeg + 5 }),
};

/** The panels in perspective, each place in the colour it has from there. */
export function WalkView({ side, walk, trim, stand, room, times, caught, label, onStand, onMissing, onCanvas }: Props) {
  const { tokens } = useTheme();
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<WalkScene | null>(null);
  const [size, setSize] = useState({ w: 0, h: 0 });
  const [mark, setMark] = useState<Pair | null>(null);
  const missing = useRef(onMissing);
  useEffect(() => {
    missing.current = onMissing;
  });

  useEffect(() => {
    const element = canvas.current;
    if (element === null) {
      return undefined;
    }
    try {
      scene.current = new WalkScene(element, tokens.plate, tokens.floor);
    } catch {
      missing.current();
      return undefined;
    }
    onCanvas(element);
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined) {
        setSize({ w: Math.round(entry.contentRect.width), h: Math.round(entry.contentRect.height) });
      }
    });
    observer.observe(element);
    return () => {
      observer.disconnect();
      onCanvas(null);
      scene.current?.dispose();
      scene.current = null;
    };
  }, [tokens.plate, tokens.floor, onCanvas]);

  useEffect(() => scene.current?.setCar(side, walk, trim), [side, walk, trim]);

  const angle = useMemo(() => aspecular(room.gaze, room.eye, room.lamp), [room]);
  useEffect(() => {
    // Keys and drags come faster than pictures can be drawn: only the last of a frame is.
    const frame = requestAnimationFrame(() => {
      scene.current?.render(room, angle, times, size.w, size.h, Math.min(2, window.devicePixelRatio));
      setMark(caught === null ? null : (scene.current?.project(caught.node.surface.at) ?? null));
    });
    return () => cancelAnimationFrame(frame);
  }, [side, walk, trim, room, angle, times, size, caught]);

  const move = useCallback((to: Stand) => onStand(clampStand(to)), [onStand]);
  const latest = useRef({ stand, move });
  useEffect(() => {
    latest.current = { stand, move };
  });
  useEffect(() => {
    const element = canvas.current;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const { stand: now, move: go } = latest.current;
      go({ ...now, fromM: now.fromM * Math.exp(event.deltaY * 0.001) });
    };
    element?.addEventListener('wheel', wheel, { passive: false });
    return () => element?.removeEventListener('wheel', wheel);
  }, []);

  const drag = useRef<{ x: number; y: number; stand: Stand; moved: boolean } | null>(null);
  const pointerMove = (event: PointerEvent<HTMLCanvasElement>) => {
    const from = drag.current;
    if (from === null) {
      return;
    }
    const dx = event.clientX - from.x;
    // A finger's way up and down belongs to the page.
    const dy = event.pointerType === 'touch' ? 0 : event.clientY - from.y;
    if (from.moved || Math.hypot(dx, dy) > 4) {
      from.moved = true;
      move({
        ...from.stand,
        walkDeg: from.stand.walkDeg - dx / PX_PER_DEG,
        fromM: from.stand.fromM * Math.exp(-dy * NEARER_PER_PX),
      });
    }
  };
  const pointerUp = (event: PointerEvent<HTMLCanvasElement>) => {
    const from = drag.current;
    drag.current = null;
    if (from !== null && !from.moved) {
      const box = event.currentTarget.getBoundingClientRect();
      const at = scene.current?.pick([(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
      if (at !== null && at !== undefined) {
        move({ ...stand, gaze: at });
      }
    }
  };
  const key = (event: KeyboardEvent) => {
    const step = KEYS[event.key];
    if (step !== undefined && !event.ctrlKey && !event.metaKey && !event.altKey) {
      event.preventDefault();
      move(step(stand));
    }
  };
  const seen = caught !== null && caught.index > 1;
  return (
    <>
      <Box
        component="canvas"
        ref={canvas}
        role="img"
        tabIndex={0}
        aria-label={label}
        data-testid="walk-canvas"
        onKeyDown={key}
        onPointerDown={(event) => {
          if (event.button === 0) {
            event.currentTarget.setPointerCapture(event.pointerId);
            drag.current = { x: event.clientX, y: event.clientY, stand, moved: false };
          }
        }}
        onPointerMove={pointerMove}
        onPointerUp={pointerUp}
        onPointerCancel={() => (drag.current = null)}
        sx={{
          position: 'absolute',
          inset: 0,
          width: '100%',
          height: '100%',
          display: 'block',
          cursor: 'grab',
          touchAction: 'pan-y',
          '&:focus-visible': { outlineOffset: '-4px' },
        }}
      />
      {mark !== null && caught !== null && caught.index >= 0.1 && (
        <Box
          aria-hidden="true"
          data-testid="walk-mark"
          sx={{
            position: 'absolute',
            left: `${mark[0] * 100}%`,
            top: `${mark[1] * 100}%`,
            pointerEvents: 'none',
            color: tokens.plateInk,
          }}
        >
          <svg
            width="1"
            height="1"
            overflow="visible"
            style={{ display: 'block', transform: `scale(${mark[0] > 0.8 ? -1 : 1}, ${mark[1] < 0.25 ? -1 : 1})` }}
          >
            {/* The pointer keeps off the place itself: nothing may be drawn on what is looked at. */}
            <path d="M16 -16 L46 -46 H96" fill="none" stroke="#fff" strokeWidth="5" />
            <path d="M16 -16 L46 -46 H96" fill="none" stroke="#101010" strokeWidth={seen ? 2.5 : 1.5} />
            <path d="M14 -14 l2 -12 l10 10 z" fill="#101010" stroke="#fff" strokeWidth="1.5" />
            <text
              x="48"
              y="-53"
              fontSize="17"
              fontWeight="700"
              fill="#101010"
              stroke="#fff"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {caught.index.toFixed(1)}
            </text>
          </svg>
        </Box>
      )}
    </>
  );
}
