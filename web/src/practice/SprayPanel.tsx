import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Slider, Stack, Typography, useTheme } from '@mui/material';
import { useEffect, useRef, useState, type PointerEvent, type WheelEvent } from 'react';
import type { PracticeByNumbers, PracticeHand, PracticePanel } from '../api/types';
import { QuantityField } from '../kit/QuantityField';
import { useUnits } from '../kit/preferences';
import { formatMm, formatQuantity, phraseText } from '../kit/units';
import { held, MOST_PLACES, speedOf, type Place } from './path';
import type { Sprayed } from './usePractice';

/** How dark a full coat is drawn; the panel below shines through a thin one. */
const FULL = 0.62;

/**
 * A panel to spray on: the pointer is the gun, as fast as it is moved; the wheel, the keys or the slider hold it nearer or
 * further away. What was laid comes back place by place from the core.
 */
export function SprayPanel({
  panel,
  hand,
  busy,
  onSprayed,
  onClear,
}: {
  panel: PracticePanel;
  hand: PracticeHand | null;
  busy: boolean;
  onSprayed: (sprayed: Sprayed) => void;
  onClear: () => void;
}) {
  const { tokens } = useTheme();
  const units = useUnits();
  const canvas = useRef<HTMLCanvasElement>(null);
  const path = useRef<Place[]>([]);
  const down = useRef(false);
  const [distanceMm, setDistance] = useState(() => Math.round(panel.distanceMm * 1.25));
  const [gun, setGun] = useState<{ x: number; y: number; speed: number } | null>(null);
  const [numbers, setNumbers] = useState<PracticeByNumbers>({
    mmPerS: panel.mmPerS,
    overlapPercent: panel.overlapPercent,
    distanceMm: panel.distanceMm,
  });

  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (context == null) {
      return;
    }
    context.clearRect(0, 0, panel.widthMm, panel.heightMm);
    if (hand !== null) {
      const wide = panel.widthMm / (hand.film[0]?.length ?? 1);
      const high = panel.heightMm / hand.film.length;
      hand.film.forEach((row, r) =>
        row.forEach((share, c) => {
          context.fillStyle = `rgba(20, 20, 20, ${Math.min(0.95, FULL * share)})`;
          context.fillRect(c * wide, r * high, wide, high);
        }),
      );
    }
  }, [hand, panel]);

  const place = (event: PointerEvent): [number, number] => {
    const box = event.currentTarget.getBoundingClientRect();
    return [
      ((event.clientX - box.left) * panel.widthMm) / box.width,
      ((event.clientY - box.top) * panel.heightMm) / box.height,
    ];
  };
  const spray = (x: number, y: number, ms: number) => {
    const before = path.current.at(-1);
    if (path.current.length >= MOST_PLACES) {
      return;
    }
    path.current.push([ms, x, y, distanceMm]);
    const context = canvas.current?.getContext('2d');
    if (context != null && before !== undefined && ms - before[0] < 400) {
      // Only a hint of what is laid; the core says how much it was.
      const fan = panel.fanShare * distanceMm;
      const wide = Math.max(6, Math.abs(x - before[1]));
      context.fillStyle = `rgba(20, 20, 20, ${Math.min(0.3, (0.00026 * (ms - before[0]) * 50 * 180) / wide / Math.max(1, distanceMm / 6))})`;
      context.fillRect(Math.min(x, before[1]), y - fan / 2, wide, fan);
    }
  };
  const move = (event: PointerEvent) => {
    const [x, y] = place(event);
    if (down.current) {
      spray(x, y, event.timeStamp);
    }
    setGun({ x, y, speed: down.current ? speedOf(path.current) : 0 });
  };
  const begin = (event: PointerEvent) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    if (path.current.length === 0) {
      canvas.current?.getContext('2d')?.clearRect(0, 0, panel.widthMm, panel.heightMm);
    }
    down.current = true;
    move(event);
  };
  const end = () => {
    if (down.current) {
      down.current = false;
      onSprayed({ path: path.current });
    }
  };
  const clear = () => {
    path.current = [];
    onClear();
    canvas.current?.getContext('2d')?.clearRect(0, 0, panel.widthMm, panel.heightMm);
  };
  const nearer = (by: number) => setDistance((old) => held(old + by));
  return (
    <Stack component="section" aria-label={t`Spray it`} sx={{ gap: 1 }}>
      <Typography variant="h3" component="h2">
        <Trans>Spray one full coat</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          Press and move to and fro, stroke below stroke, from edge to edge. The ring is the fan. Wheel, + and − hold
          the gun nearer or further.
        </Trans>
      </Typography>
      <Box
        tabIndex={0}
        role="application"
        aria-label={t`Practice panel; by numbers below it`}
        onKeyDown={(event) => {
          if (event.key === '+' || event.key === '-') {
            event.preventDefault();
            nearer(event.key === '+' ? -10 : 10);
          }
        }}
        sx={{
          position: 'relative',
          touchAction: 'none',
          cursor: 'none',
          aspectRatio: `${panel.widthMm} / ${panel.heightMm}`,
          backgroundColor: tokens.plate,
          border: `1px solid ${tokens.line}`,
        }}
        onPointerDown={begin}
        onPointerMove={move}
        onPointerUp={end}
        onPointerCancel={end}
        onPointerLeave={() => setGun(null)}
        onWheel={(event: WheelEvent) => nearer(event.deltaY > 0 ? 10 : -10)}
        data-testid="spray-panel"
      >
        <canvas
          ref={canvas}
          width={panel.widthMm}
          height={panel.heightMm}
          style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
        />
        <svg
          viewBox={`0 0 ${panel.widthMm} ${panel.heightMm}`}
          style={{ position: 'absolute', inset: 0, width: '100%', height: '100%', pointerEvents: 'none' }}
          aria-hidden="true"
        >
          {gun !== null && (
            <ellipse
              cx={gun.x}
              cy={gun.y}
              rx="26"
              ry={(panel.fanShare * distanceMm) / 2}
              fill="none"
              stroke={tokens.plateInk}
              strokeWidth="3"
            />
          )}
        </svg>
      </Box>
      <Stack direction="row" sx={{ gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ minWidth: 170 }}>
          <Trans>{formatMm(distanceMm, units)} from the panel</Trans>
        </Typography>
        <Slider
          aria-label={t`Distance of the gun`}
          value={distanceMm}
          min={60}
          max={400}
          step={10}
          getAriaValueText={(mm) => formatMm(mm, units)}
          onChange={(_, mm) => setDistance(mm)}
          sx={{ flex: '1 1 140px', maxWidth: 260 }}
        />
        <Typography sx={{ minWidth: 130 }} aria-hidden="true">
          {gun !== null && gun.speed > 0 && t`${formatMm(Math.round(gun.speed / 10) * 10, units)} a second`}
        </Typography>
        <Button onClick={clear} disabled={busy || hand === null}>
          <Trans>Wipe it off</Trans>
        </Button>
      </Stack>
      {hand !== null && <Measured hand={hand} />}
      <Box component="details">
        <summary>
          <Trans>By numbers instead</Trans>
        </summary>
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mt: 1 }}>
          <QuantityField
            label={t`Each second`}
            value={numbers.mmPerS}
            unit="mm"
            onCommit={(mmPerS) => setNumbers((old) => ({ ...old, mmPerS }))}
          />
          <QuantityField
            label={t`Overlap`}
            value={numbers.overlapPercent}
            unit="%"
            onCommit={(overlapPercent) => setNumbers((old) => ({ ...old, overlapPercent }))}
          />
          <QuantityField
            label={t`Distance`}
            value={numbers.distanceMm}
            unit="mm"
            onCommit={(mm) => setNumbers((old) => ({ ...old, distanceMm: mm }))}
          />
          <Button variant="outlined" disabled={busy} onClick={() => onSprayed({ hand: numbers })}>
            <Trans>Lay it so</Trans>
          </Button>
        </Stack>
      </Box>
    </Stack>
  );
}

/** What the hand did, beside what the data sheet asks. */
function Measured({ hand }: { hand: PracticeHand }) {
  const units = useUnits();
  return (
    <Box role="status" data-testid="hand">
      <Box
        component="dl"
        sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto auto 1fr', columnGap: 2, rowGap: 0.25 }}
      >
        {(
          [
            [t`Speed`, t`${formatMm(hand.mmPerS, units)} a second`, formatMm(hand.rightMmPerS, units)],
            [t`Overlap`, formatQuantity(hand.overlap, units), formatQuantity(hand.sheetOverlap, units)],
            [t`Distance`, formatQuantity(hand.distance, units), formatQuantity(hand.sheetDistance, units)],
            [
              t`Film`,
              t`${Math.round(100 * hand.mean)} % of a coat`,
              t`${Math.round(100 * hand.least)} to ${Math.round(100 * hand.most)} %`,
            ],
          ] as const
        ).map(([name, is, sheet], i) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <Typography component="dt" variant="body2">
              {name}
            </Typography>
            <Typography component="dd" sx={{ m: 0, fontWeight: 680 }} variant="body2">
              {is}
            </Typography>
            <Typography component="dd" sx={{ m: 0 }} variant="body2" color="text.secondary">
              {i === 3 ? sheet : t`wanted ${sheet}`}
            </Typography>
          </Box>
        ))}
      </Box>
      {hand.remarks.map((remark) => (
        <Typography key={remark.text}>{phraseText(remark, units)}</Typography>
      ))}
    </Box>
  );
}
