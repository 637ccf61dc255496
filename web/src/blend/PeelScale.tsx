import { t } from '@lingui/core/macro';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { setPeel } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';

/** Waves of a peel: how many to the picture's width and how high; from glass to very coarse. */
const PEELS = [
  { level: 1, name: t`like glass`, frequency: 0.02, height: 0.4 },
  { level: 2, name: t`fine`, frequency: 0.16, height: 1.4 },
  { level: 3, name: t`as most factories leave it`, frequency: 0.11, height: 2.4 },
  { level: 4, name: t`coarse`, frequency: 0.075, height: 3.8 },
  { level: 5, name: t`very coarse`, frequency: 0.05, height: 5.6 },
] as const;

const W = 52;
const H = 44;

/** A drawn scale of orange peel in a low light: hold it beside the car's old clear and press what it looks like. */
export function PeelScale({ handle }: { handle: BenchHandle }) {
  const peel = handle.document.car.peel ?? 3;
  return (
    <ToggleButtonGroup
      exclusive
      value={peel}
      aria-label={t`The car's orange peel`}
      sx={{ mt: 1, flexWrap: 'wrap' }}
      onChange={(_, level: number | null) => level !== null && handle.change(setPeel(handle.document, level))}
    >
      {PEELS.map((p) => (
        <ToggleButton key={p.level} value={p.level} aria-label={p.name} sx={{ p: 0.5, flexDirection: 'column' }}>
          <svg width={W} height={H} viewBox={`0 0 ${W} ${H}`} aria-hidden="true">
            <filter id={`peel-${p.level}`} x="0" y="0" width="100%" height="100%">
              <feTurbulence type="fractalNoise" baseFrequency={p.frequency} numOctaves={2} seed={7} />
              <feDiffuseLighting surfaceScale={p.height} lightingColor="#c3c9cd">
                <feDistantLight azimuth={235} elevation={58} />
              </feDiffuseLighting>
            </filter>
            <rect width={W} height={H} filter={`url(#peel-${p.level})`} />
          </svg>
          {p.level}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
