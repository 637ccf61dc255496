import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import type { ShopColour } from '../api/types';
import { tell } from '../language/tell';
import { useForgetReading } from './useColours';

/** A colour's own reading, angle by angle, as it came out of a file. */
export function OwnReading({ colour, may }: { colour: ShopColour; may: boolean }) {
  const forget = useForgetReading();
  const { reading } = colour;
  if (reading == null) {
    return null;
  }
  return (
    <Box component="section" aria-label={t`Reading of ${colour.name}`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>Its own reading</Trans>
      </Typography>
      <Stack component="ul" direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', listStyle: 'none', p: 0, m: 0 }}>
        {reading.angles.map((a) => (
          <Box component="li" key={a.angle} sx={{ width: 118 }}>
            <Box
              sx={{
                height: 44,
                bgcolor: a.hex,
                border: (th) => `1px solid ${th.tokens.line}`,
                borderRadius: 1,
              }}
            />
            <Typography sx={{ fontWeight: 640 }}>{a.angle}°</Typography>
            <Typography variant="body2" color="text.secondary">
              {a.lab.map((v) => v.toFixed(1)).join(' / ')}
            </Typography>
          </Box>
        ))}
      </Stack>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        <Trans>
          L*, a*, b*; mean of {reading.shots} shots, {tell(reading.geometry)}, {reading.viewing}, from {reading.from}.
        </Trans>
      </Typography>
      {may && (
        <Button onClick={() => forget.mutate(colour.id)} loading={forget.isPending} sx={{ px: 0 }}>
          <Trans>Forget this reading</Trans>
        </Button>
      )}
    </Box>
  );
}
