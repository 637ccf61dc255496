import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Slider, Stack, Typography } from '@mui/material';
import { useId, useState } from 'react';
import type { PracticePicture } from '../api/types';
import { tell } from '../language/tell';

const WIDTH = 900;
const HEIGHT = 460;

/** The sprayed panel as it would look, walked round: each angle is a picture of its own, computed in the core. */
export function PanelPicture({ picture }: { picture: PracticePicture }) {
  const id = useId();
  const [n, setN] = useState(4);
  const view = picture.views[n] ?? picture.views[0];
  if (view === undefined) {
    return null;
  }
  const from = picture.mm[0] ?? 0;
  const far = (picture.mm.at(-1) ?? 0) - from;
  // All of it fits on the panel, however far it was drawn out.
  const scale = HEIGHT / 2 / Math.max(far, 120);
  const gap = picture.roomMm === null ? null : WIDTH / 2 + (picture.spotMm + picture.roomMm) * scale;
  return (
    <Stack component="section" aria-label={t`The panel`} sx={{ gap: 0.5 }}>
      <Box
        component="svg"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={t`The sprayed panel, ${tell(view.standing)}`}
        sx={{ width: '100%', display: 'block', backgroundColor: (th) => th.tokens.plate }}
      >
        <defs>
          <radialGradient id={id} gradientUnits="userSpaceOnUse" cx={WIDTH / 2} cy={HEIGHT / 2} r={far * scale}>
            {picture.mm.map((mm, i) => (
              <stop key={mm} offset={(mm - from) / far} stopColor={view.hex[i]} />
            ))}
          </radialGradient>
        </defs>
        <rect x="30" y="20" width={WIDTH - 60} height={HEIGHT - 40} fill={view.car} />
        <rect x="30" y="20" width={WIDTH - 60} height={HEIGHT - 40} fill={`url(#${id})`} />
        {gap !== null && gap < WIDTH - 30 && (
          <>
            <rect x={gap} y="20" width={WIDTH - 30 - gap} height={HEIGHT - 40} fill={view.car} />
            <path d={`M${gap} 20V${HEIGHT - 20}`} stroke="#111" strokeWidth="3" />
          </>
        )}
      </Box>
      <Stack direction="row" sx={{ gap: 2, alignItems: 'center', px: 1 }}>
        <Typography sx={{ whiteSpace: 'nowrap' }}>
          <Trans>Walk round</Trans>
        </Typography>
        <Slider
          aria-label={t`Walk round the panel`}
          value={n}
          min={0}
          max={picture.views.length - 1}
          step={1}
          marks
          getAriaValueText={(i) => tell(picture.views[i]?.standing ?? '')}
          onChange={(_, i) => setN(i)}
          sx={{ maxWidth: 360 }}
        />
        <Typography variant="body2" color="text.secondary">
          {tell(view.standing)}, {view.angle}°
        </Typography>
      </Stack>
      <Typography variant="body2" color="text.secondary">
        <Trans>A screen shows about what the eye would see; the figures beside it are what is judged.</Trans>
      </Typography>
    </Stack>
  );
}
