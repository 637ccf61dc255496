import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import type { PracticeHeld } from '../api/types';

/** A card held to the car: the left half is the car, the right the card, in the face, straight on and along. */
export function Held({ held }: { held: readonly PracticeHeld[] }) {
  return (
    <Box
      component="span"
      role="img"
      aria-label={t`Car, left, and card, right, seen from three angles`}
      sx={{ display: 'inline-flex', gap: 0.5, p: 0.75, backgroundColor: (th) => th.tokens.plate }}
    >
      {held.map((h) => (
        <Box component="span" key={h.angle} sx={{ display: 'inline-flex' }}>
          <Box component="span" sx={{ width: 34, height: 48, backgroundColor: h.car }} />
          <Box component="span" sx={{ width: 34, height: 48, backgroundColor: h.card }} />
        </Box>
      ))}
    </Box>
  );
}
