import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import PhotoIcon from '@mui/icons-material/PhotoCameraOutlined';
import {
  Box,
  Button,
  IconButton,
  Slider,
  Stack,
  ToggleButton,
  ToggleButtonGroup,
  Tooltip,
  Typography,
} from '@mui/material';
import { lazy, Suspense, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { BodyShape, Simulation, Walk } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { useCalm } from '../kit/useCalm';
import type { Pair } from '../map/geometry';
import { FromAbove } from './FromAbove';
import {
  EYES_M,
  firstCatch,
  LAMP_DEG,
  LAMP_UP_DEG,
  LEAST_M,
  MOST_M,
  nodesOf,
  roomOf,
  sidesInPlay,
  WALK_DEG,
  clampStand,
  type Side,
  type Stand,
} from './stand';
import { worstStand } from './worst';

const WalkView = lazy(() => import('./WalkView').then((m) => ({ default: m.WalkView })));

const REST_MS = 250;

interface Props {
  walk: Walk;
  body: BodyShape;
  inPlay: readonly string[];
  middle: Pair;
  worst: Simulation['worst'];
  stand: Stand | null;
  times: 1 | 4;
  busy: boolean;
  onStand: (stand: Stand) => void;
  onTimes: (times: 1 | 4) => void;
  onMissing: () => void;
  /** beside the sliders */
  extra?: ReactNode;
  /** what else the map can show */
  children?: ReactNode;
}

/** Walk along the car in the light of a lamp: what would be seen, and where the eye catches it first. */
export function LightWalk(props: Props) {
  const { walk, body, inPlay, middle, worst, times, busy, onTimes, onMissing } = props;
  const units = useUnits();
  const sides = useMemo(() => sidesInPlay(body, inPlay), [body, inPlay]);
  const [key, setKey] = useState<string | null>(null);
  const side = sides.find((s) => s.key === key) ?? sides[0];
  const [canvas, setCanvas] = useState<HTMLCanvasElement | null>(null);
  const start = useMemo(
    () => (side === undefined ? null : worstStand(side, walk, worst, sideMiddle(side, inPlay, middle))),
    [side, walk, worst, inPlay, middle],
  );
  // Walking redraws this picture only; the page around learns of it when one stands still.
  const [walked, setWalked] = useState<Stand | null>(props.stand);
  const rested = useCalm(walked, REST_MS);
  const tell = useRef(props.onStand);
  useEffect(() => {
    tell.current = props.onStand;
  });
  useEffect(() => {
    if (rested !== null) {
      tell.current(rested);
    }
  }, [rested]);
  const onStand = setWalked;
  const stand = walked ?? start;
  const nodes = useMemo(() => (side === undefined ? [] : nodesOf(side, walk)), [side, walk]);
  const room = useMemo(() => (side === undefined || stand === null ? null : roomOf(side, stand)), [side, stand]);
  const caught = useMemo(() => (room === null ? null : firstCatch(walk, nodes, room)), [walk, nodes, room]);
  if (side === undefined || stand === null || room === null) {
    return null;
  }
  const set = (change: Partial<Stand>) => onStand(clampStand({ ...stand, ...change }));
  const seen = caught !== null && caught.index > 1;
  const name = body.panels.find((p) => p.id === caught?.node.panel)?.name.toLowerCase() ?? '';
  const place =
    caught === null || caught.node.mm === null
      ? ''
      : t`, ${name}, ${formatMm(Math.max(0, caught.node.mm), units)} past the primer`;
  const says = seen ? t`Seen from here` : t`Not seen from here`;
  const save = () => {
    const link = document.createElement('a');
    link.download = 'what-you-would-see.png';
    link.href = canvas?.toDataURL('image/png') ?? '';
    link.click();
  };
  return (
    <>
      <Box
        sx={{
          position: 'relative',
          flexGrow: 1,
          minHeight: { xs: 240, md: 196 },
          backgroundColor: (t) => t.tokens.plate,
        }}
      >
        <Suspense fallback={null}>
          <WalkView
            side={side}
            walk={walk}
            trim={body.trim}
            stand={stand}
            room={room}
            times={times}
            caught={caught}
            label={t`${says}${place}. Arrow keys walk along the car and nearer, page keys crouch and stand, square brackets move the lamp.`}
            onStand={onStand}
            onMissing={onMissing}
            onCanvas={setCanvas}
          />
        </Suspense>
        <Stack direction="row" sx={{ position: 'absolute', top: 8, right: 8, gap: 1 }}>
          {sides.length > 1 && (
            <ToggleButtonGroup
              exclusive
              value={side.key}
              aria-label={t`Side of the car`}
              onChange={(_, to: string | null) => {
                const next = sides.find((s) => s.key === to);
                if (next !== undefined) {
                  setKey(next.key);
                  onStand(worstStand(next, walk, worst, sideMiddle(next, inPlay, middle)));
                }
              }}
              sx={{ backgroundColor: (t) => t.tokens.raised }}
            >
              {sides.map((s) => (
                <ToggleButton key={s.key} value={s.key}>
                  {s.name}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          )}
          <Tooltip title={t`Save this picture`}>
            <IconButton
              aria-label={t`Save this picture`}
              onClick={save}
              sx={{ backgroundColor: (t) => t.tokens.raised }}
            >
              <PhotoIcon />
            </IconButton>
          </Tooltip>
        </Stack>
      </Box>
      <Stack
        component="section"
        aria-label={t`Light walk`}
        direction="row"
        sx={{
          px: 2,
          py: 1,
          gap: 2,
          borderBottom: (t) => `1px solid ${t.tokens.line}`,
          backgroundColor: (t) => t.tokens.surface,
        }}
      >
        <Box
          sx={{
            flexShrink: 0,
            alignSelf: 'center',
            borderRadius: 1,
            border: (t) => `1px solid ${t.tokens.line}`,
            display: { xs: 'none', md: 'block' },
          }}
        >
          <FromAbove side={side} stand={stand} room={room} onStand={onStand} />
        </Box>
        <Stack sx={{ flexGrow: 1, minWidth: 0, gap: 0.5 }}>
          <Stack direction="row" sx={{ alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
            <Typography
              role="status"
              data-testid="walk-says"
              sx={{ flex: '1 1 200px', lineHeight: 1.3, opacity: busy ? 0.6 : 1 }}
            >
              <Trans>
                <strong>{says}</strong>
                {caught !== null && `, ${caught.index.toFixed(1)}`}
                {seen ? place : ''}. Seen at {Math.round(caught?.angle ?? 0)}°.
              </Trans>
            </Typography>
            {props.children}
            <Button
              variant="outlined"
              onClick={() => onStand(worstStand(side, walk, worst, sideMiddle(side, inPlay, middle)))}
            >
              <Trans>Where it shows most</Trans>
            </Button>
            <ToggleButtonGroup
              exclusive
              value={times}
              aria-label={t`Exaggerate the difference`}
              onChange={(_, to: 1 | 4 | null) => to !== null && onTimes(to)}
            >
              <ToggleButton value={1}>×1</ToggleButton>
              <ToggleButton value={4}>×4</ToggleButton>
            </ToggleButtonGroup>
          </Stack>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(3, 1fr)' },
              columnGap: 3,
              rowGap: 0.5,
            }}
          >
            <Dial
              name={t`From`}
              value={Math.log(stand.fromM)}
              least={Math.log(LEAST_M)}
              most={Math.log(MOST_M)}
              step={0.02}
              text={formatMm(stand.fromM * 1000, units)}
              onChange={(v) => set({ fromM: Math.exp(v) })}
            />
            <Dial
              name={t`Along`}
              value={stand.walkDeg}
              least={-WALK_DEG}
              most={WALK_DEG}
              step={1}
              text={aside(stand.walkDeg, t`square on`)}
              onChange={(v) => set({ walkDeg: v })}
            />
            <Dial
              name={t`Eyes at`}
              value={stand.eyeM}
              least={EYES_M[0]}
              most={EYES_M[1]}
              step={0.05}
              text={formatMm(stand.eyeM * 1000, units)}
              onChange={(v) => set({ eyeM: v })}
            />
            <Dial
              name={t`Lamp`}
              value={stand.lampDeg}
              least={-LAMP_DEG}
              most={LAMP_DEG}
              step={1}
              text={aside(stand.lampDeg, t`before it`)}
              onChange={(v) => set({ lampDeg: v })}
            />
            <Dial
              name={t`Lamp up`}
              value={stand.lampUpDeg}
              least={LAMP_UP_DEG[0]}
              most={LAMP_UP_DEG[1]}
              step={1}
              text={`${Math.round(stand.lampUpDeg)}°`}
              onChange={(v) => set({ lampUpDeg: v })}
            />
            {props.extra}
          </Box>
        </Stack>
      </Stack>
    </>
  );
}

/** The repair's middle where it is on this side, else the middle of the first panel in play there. */
function sideMiddle(side: Side, inPlay: readonly string[], middle: Pair): Pair {
  const on = (p: Side['panels'][number]) => {
    const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = p.box;
    return middle[0] >= x0 && middle[0] <= x1 && middle[1] >= y0 && middle[1] <= y1;
  };
  if (side.panels.some(on)) {
    return middle;
  }
  const first = side.panels.find((p) => inPlay.includes(p.id));
  return [first?.centre[0] ?? 0, first?.centre[1] ?? 0];
}

function aside(deg: number, none: string): string {
  const whole = Math.round(deg);
  if (whole === 0) {
    return none;
  }
  return whole < 0 ? t`${-whole}° left` : t`${whole}° right`;
}

function Dial({
  name,
  value,
  least,
  most,
  step,
  text,
  onChange,
}: {
  name: string;
  value: number;
  least: number;
  most: number;
  step: number;
  text: string;
  onChange: (value: number) => void;
}) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="body2" noWrap>
        {name}: <strong>{text}</strong>
      </Typography>
      <Slider
        aria-label={name}
        min={least}
        max={most}
        step={step}
        value={Math.min(most, Math.max(least, value))}
        getAriaValueText={() => text}
        onChange={(_, v) => onChange(v)}
        sx={{ display: 'block' }}
      />
    </Box>
  );
}
