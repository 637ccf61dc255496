import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useTheme } from '@mui/material';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { clampStand, type Room, type Side, type Stand } from './stand';

interface Props {
  side: Side;
  stand: Stand;
  room: Room;
  onStand: (stand: Stand) => void;
}

const W = 190;
const H = 132;
/** The panel's line lies so far from the top. */
const TOP = 22;
const LAMP_PX = 62;

/** The scene from above: the car's side, who looks, and the lamp. Both can be dragged. */
export function FromAbove({ side, stand, room, onStand }: Props) {
  const { tokens } = useTheme();
  const [held, setHeld] = useState<'eye' | 'lamp' | null>(null);
  // As far as needed to show who stands farthest away.
  const px = (H - TOP - 16) / Math.max(3, stand.fromM * 1.05);
  const flat = (v: readonly [number, number, number]) =>
    [W / 2 + (v[0] - room.gaze.at[0]) * px, TOP + (v[2] - room.gaze.at[2]) * px] as const;
  const eye = flat(room.eye);
  // Only the lamp's direction counts; its own distance would not fit.
  const lampDeg = (stand.lampDeg * Math.PI) / 180;
  const lamp = [W / 2 + Math.sin(lampDeg) * LAMP_PX, TOP + Math.cos(lampDeg) * LAMP_PX] as const;
  const half = ((side.box[2] ?? 0) - (side.box[0] ?? 0)) / 2000;
  const ends = [flat([-half, 0, 0])[0], flat([half, 0, 0])[0]] as const;
  const drag = (event: PointerEvent<SVGGElement>, what: 'eye' | 'lamp') => {
    if (held !== what) {
      return;
    }
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    const x = (event.clientX - (box?.left ?? 0) - W / 2) / px;
    const z = (event.clientY - (box?.top ?? 0) - TOP) / px;
    const deg = (Math.atan2(x, z) * 180) / Math.PI;
    onStand(
      clampStand(what === 'eye' ? { ...stand, walkDeg: deg, fromM: Math.hypot(x, z) } : { ...stand, lampDeg: deg }),
    );
  };
  const key = (event: KeyboardEvent, what: 'eye' | 'lamp') => {
    const way = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (way !== 0) {
      event.preventDefault();
      onStand(
        clampStand(
          what === 'eye'
            ? { ...stand, walkDeg: stand.walkDeg + 3 * way }
            : { ...stand, lampDeg: stand.lampDeg + 5 * way },
        ),
      );
    }
  };
  const grip = (what: 'eye' | 'lamp', name: string, [x, y]: readonly [number, number], deg: number) => (
    <g
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={what === 'eye' ? -75 : -180}
      aria-valuemax={what === 'eye' ? 75 : 180}
      aria-valuenow={Math.round(deg)}
      aria-valuetext={t`${Math.abs(Math.round(deg))} degrees to the ${deg < 0 ? t`left` : t`right`}`}
      style={{ cursor: 'grab', touchAction: 'none' }}
      onKeyDown={(event) => key(event, what)}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(what);
      }}
      onPointerMove={(event) => drag(event, what)}
      onPointerUp={() => setHeld(null)}
      onPointerCancel={() => setHeld(null)}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      {what === 'eye' ? (
        <circle cx={x} cy={y} r={8} fill={tokens.press} stroke={tokens.pressInk} strokeWidth={2} />
      ) : (
        <rect x={x - 7} y={y - 7} width={14} height={14} fill={tokens.raised} stroke={tokens.press} strokeWidth={3} />
      )}
    </g>
  );
  return (
    <svg width={W} height={H} role="group" aria-label={t`From above: you and the lamp`} style={{ display: 'block' }}>
      <line
        x1={Math.max(4, ends[0])}
        x2={Math.min(W - 4, ends[1])}
        y1={TOP}
        y2={TOP}
        stroke={tokens.ink}
        strokeWidth={5}
      />
      <path d={`M${W / 2} ${TOP} L${eye[0]} ${eye[1]}`} stroke={tokens.ink} strokeWidth={1.2} />
      <path d={`M${W / 2} ${TOP} L${lamp[0]} ${lamp[1]}`} stroke={tokens.ink} strokeWidth={1.2} strokeDasharray="3 3" />
      {grip('lamp', t`Lamp`, lamp, stand.lampDeg)}
      {grip('eye', t`Where you stand`, eye, stand.walkDeg)}
      <text x={Math.min(W - 34, Math.max(6, lamp[0] + 12))} y={lamp[1] + 4} fontSize={12} fill={tokens.ink}>
        <Trans>lamp</Trans>
      </text>
      <text
        x={Math.min(W - 30, Math.max(6, eye[0] + 13))}
        y={eye[1] + 4}
        fontSize={12}
        fontWeight={640}
        fill={tokens.ink}
      >
        <Trans>you</Trans>
      </text>
    </svg>
  );
}
