import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Slider, Stack, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useMemo, type ReactNode } from 'react';
import type { BodyShape, RepairPart, Simulation, Walk } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { ringsPath, type Pair } from '../map/geometry';
import { RepairShape } from '../map/PlanLayers';
import { indexAt } from './lookup';
import { paint, type Look } from './paint';
import { isInside } from './stand';

/** The map painted with the predicted colour, as it looks from there. */
export function FlatWalkLayer({
  walk,
  look,
  body,
  repairs,
  px,
  turn,
  ink,
}: {
  walk: Walk;
  look: Look;
  body: BodyShape;
  repairs: readonly RepairPart[];
  px: number;
  turn: number;
  ink: string;
}) {
  const images = useMemo(
    () =>
      walk.field.map((field) => {
        const canvas = document.createElement('canvas');
        canvas.width = field.nx;
        canvas.height = field.ny;
        const pixels = paint(walk, field, look.angle, look.times);
        canvas.getContext('2d')?.putImageData(new ImageData(pixels, field.nx, field.ny), 0, 0);
        return { ...field, url: canvas.toDataURL() };
      }),
    [walk, look.angle, look.times],
  );
  const caught = useMemo(() => flatCatch(walk, body, look), [walk, body, look]);
  return (
    <g pointerEvents="none" aria-hidden="true">
      {images.map((i) => (
        <g key={i.panel} clipPath={`url(#clip-${i.panel})`}>
          <image
            href={i.url}
            x={i.x0 - i.step / 2}
            y={i.y0 - i.step / 2}
            width={i.nx * i.step}
            height={i.ny * i.step}
            preserveAspectRatio="none"
            style={{ imageRendering: px < 3 ? 'auto' : 'pixelated' }}
          />
        </g>
      ))}
      {repairs.map((r) => (
        <RepairShape
          key={r.id}
          repair={r}
          body={body}
          fill="none"
          stroke={ink}
          strokeWidth={1.2 * px}
          strokeDasharray={`${3 * px} ${3 * px}`}
        />
      ))}
      {images.map((i) => (
        <path
          key={i.panel}
          d={ringsPath([body.panels.find((p) => p.id === i.panel)?.outline ?? []])}
          fill="none"
          stroke={ink}
          strokeWidth={2 * px}
        />
      ))}
      {caught !== null && caught.index >= 0.1 && (
        <g transform={`translate(${caught.at[0]} ${caught.at[1]}) rotate(${-turn}) scale(${px})`}>
          <path d="M14 -14 L44 -44 H80" fill="none" stroke="#fff" strokeWidth={5} />
          <path d="M14 -14 L44 -44 H80" fill="none" stroke="#101010" strokeWidth={caught.index > 1 ? 2.5 : 1.5} />
          <text
            x={47}
            y={-50}
            fontSize={16}
            fontWeight={700}
            fill="#101010"
            stroke="#fff"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {caught.index.toFixed(1)}
          </text>
        </g>
      )}
    </g>
  );
}

/** The place of the panels in play where the most is seen at one angle and distance. */
function flatCatch(walk: Walk, body: BodyShape, look: Look): { at: Pair; index: number } | null {
  let best: { at: Pair; index: number } | null = null;
  for (const field of walk.field) {
    const outline = body.panels.find((p) => p.id === field.panel)?.outline ?? [];
    field.mm.forEach((mm, k) => {
      const index = indexAt(walk, field.table, mm, look.angle, look.distance);
      const at: Pair = [field.x0 + (k % field.nx) * field.step, field.y0 + Math.floor(k / field.nx) * field.step];
      if ((best === null || index > best.index) && isInside(at, outline)) {
        best = { at, index };
      }
    });
  }
  return best;
}

/** Two sliders to walk around the car with, and a magnifier for the difference. */
export function LookPanel({
  simulation,
  look,
  onLook,
  busy,
  children,
}: {
  simulation: Pick<Simulation, 'angles' | 'standing' | 'distances' | 'table'>;
  look: Look;
  onLook: (look: Look) => void;
  busy: boolean;
  children?: ReactNode;
}) {
  const row = simulation.table.find((r) => r.angle === look.angle);
  const here = row?.indices[simulation.distances.indexOf(look.distance)] ?? 0;
  const angles = simulation.angles;
  const standing = (angle: number) => simulation.standing[angles.indexOf(angle)] ?? '';
  const units = useUnits();
  return (
    <Stack
      component="section"
      aria-label={t`From where it is looked at`}
      direction={{ xs: 'column', md: 'row' }}
      sx={{
        gap: { xs: 1, md: 3 },
        px: 2.5,
        py: 1.5,
        alignItems: { md: 'center' },
        borderBottom: (t) => `1px solid ${t.tokens.line}`,
        backgroundColor: (t) => t.tokens.surface,
      }}
    >
      <Box sx={{ flexGrow: 1, minWidth: 180 }}>
        <Typography id="walk-angle" variant="body2">
          <Trans>
            Looked at:{' '}
            <strong>
              {standing(look.angle)}, {look.angle}°
            </strong>
          </Trans>
        </Typography>
        <Slider
          aria-labelledby="walk-angle"
          min={0}
          max={angles.length - 1}
          step={1}
          marks
          value={Math.max(0, angles.indexOf(look.angle))}
          getAriaValueText={(v) => t`${standing(angles[v] ?? 45)}, ${angles[v] ?? 45} degrees`}
          onChange={(_, v) => onLook({ ...look, angle: angles[v] ?? 45 })}
        />
      </Box>
      <Box sx={{ flexGrow: 1, minWidth: 180 }}>
        <Typography id="walk-distance" variant="body2">
          <Trans>
            From: <strong>{formatMm(look.distance * 1000, units)}</strong>
          </Trans>
        </Typography>
        <Slider
          aria-labelledby="walk-distance"
          min={0}
          max={simulation.distances.length - 1}
          step={1}
          marks
          value={Math.max(0, simulation.distances.indexOf(look.distance))}
          getAriaValueText={(v) => formatMm((simulation.distances[v] ?? 0) * 1000, units)}
          onChange={(_, v) => onLook({ ...look, distance: simulation.distances[v] ?? 5 })}
        />
      </Box>
      <ToggleButtonGroup
        exclusive
        value={look.times}
        aria-label={t`Exaggerate the difference`}
        onChange={(_, times: 1 | 4 | null) => times !== null && onLook({ ...look, times })}
      >
        <ToggleButton value={1}>×1</ToggleButton>
        <ToggleButton value={4}>×4</ToggleButton>
      </ToggleButtonGroup>
      <Typography role="status" sx={{ minWidth: 170, opacity: busy ? 0.6 : 1 }} data-testid="walk-says">
        {here > 1 ? (
          <>
            <strong>
              <Trans>Seen from here</Trans>
            </strong>
            , {here.toFixed(1)}
          </>
        ) : (
          <>
            <Trans>Not seen from here, {here.toFixed(1)}</Trans>
          </>
        )}
      </Typography>
      {children}
    </Stack>
  );
}
