import { Box, Slider, Stack, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useMemo } from 'react';
import type { BodyShape, RepairPart, Simulation } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { ringsPath } from '../map/geometry';
import { RepairShape } from '../map/PlanLayers';
import { paint } from './picture';

export interface Look {
  angle: number;
  distance: number;
  times: 1 | 4;
}

/** The map painted with the predicted colour, as it looks from there. */
export function LightWalkLayer({
  simulation,
  look,
  body,
  repairs,
  px,
  ink,
}: {
  simulation: Simulation;
  look: Look;
  body: BodyShape;
  repairs: readonly RepairPart[];
  px: number;
  ink: string;
}) {
  const images = useMemo(() => {
    const at = simulation.profile.byAngle.find((a) => a.angle === look.angle);
    if (at === undefined) {
      return [];
    }
    const index = at.index[simulation.distances.indexOf(look.distance)] ?? [];
    const marked = index.map((v) => v > 1);
    return simulation.field.map((field) => {
      const canvas = document.createElement('canvas');
      canvas.width = field.nx;
      canvas.height = field.ny;
      canvas
        .getContext('2d')
        ?.putImageData(
          new ImageData(
            paint(
              field,
              simulation.profile.fromMm,
              simulation.profile.stepMm,
              look.times === 4 ? at.hex4 : at.hex,
              marked,
            ),
            field.nx,
            field.ny,
          ),
          0,
          0,
        );
      return { ...field, url: canvas.toDataURL() };
    });
  }, [simulation, look]);
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
    </g>
  );
}

/** Two sliders to walk around the car with, and a magnifier for the difference. */
export function LightWalkPanel({
  simulation,
  look,
  onLook,
  busy,
}: {
  simulation: Simulation;
  look: Look;
  onLook: (look: Look) => void;
  busy: boolean;
}) {
  const at = simulation.profile.byAngle.find((a) => a.angle === look.angle);
  const here = Math.max(0, ...(at?.index[simulation.distances.indexOf(look.distance)] ?? []));
  const angles = simulation.angles;
  const standing = (angle: number) => simulation.standing[angles.indexOf(angle)] ?? '';
  const units = useUnits();
  return (
    <Stack
      component="section"
      aria-label="Light walk"
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
          Looked at:{' '}
          <strong>
            {standing(look.angle)}, {look.angle}°
          </strong>
        </Typography>
        <Slider
          aria-labelledby="walk-angle"
          min={0}
          max={angles.length - 1}
          step={1}
          marks
          value={Math.max(0, angles.indexOf(look.angle))}
          getAriaValueText={(v) => `${standing(angles[v] ?? 45)}, ${angles[v]} degrees`}
          onChange={(_, v) => onLook({ ...look, angle: angles[v] ?? 45 })}
        />
      </Box>
      <Box sx={{ flexGrow: 1, minWidth: 180 }}>
        <Typography id="walk-distance" variant="body2">
          From: <strong>{formatMm(look.distance * 1000, units)}</strong>
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
        aria-label="Exaggerate the difference"
        onChange={(_, times: 1 | 4 | null) => times !== null && onLook({ ...look, times })}
      >
        <ToggleButton value={1}>×1</ToggleButton>
        <ToggleButton value={4}>×4</ToggleButton>
      </ToggleButtonGroup>
      <Typography role="status" sx={{ minWidth: 170, opacity: busy ? 0.6 : 1 }} data-testid="walk-says">
        {here > 1 ? (
          <>
            <strong>Seen from here</strong>, {here.toFixed(1)}: where the map is stippled
          </>
        ) : (
          <>Not seen from here, {here.toFixed(1)}</>
        )}
      </Typography>
    </Stack>
  );
}
