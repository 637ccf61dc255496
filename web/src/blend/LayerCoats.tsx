import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Typography } from '@mui/material';
import type { CoatsOff } from '../api/types';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyFigure } from '../kit/Why';
import { Words } from '../kit/Words';

/** Where the number of coats is part of the colour: the plan a little thinner and thicker, each beside the car. */
export function LayerCoats({ layer }: { layer: CoatsOff }) {
  return (
    <Box component="section" aria-label={t`Coats and colour`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Coats and colour</Trans>
      </Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        <Trans>
          The number of coats is part of this colour. Mask a black and grey sticker beside the repair and spray until
          they differ by <WhyFigure figure={layer.sticker} label={t`Hiding sticker`} /> of what they did bare.
        </Trans>
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 1fr))', gap: 2 }}>
        {layer.tries.map((tried) => (
          <Tried key={tried.off} tried={tried} car={layer.car} />
        ))}
      </Box>
    </Box>
  );
}

function Tried({ tried, car }: { tried: CoatsOff['tries'][number]; car: string }) {
  const coats = tried.coats.toFixed(1);
  const off = tried.difference.toFixed(1);
  return (
    <Box role="group" aria-label={t`${coats} coats`}>
      <Stack
        direction="row"
        role="img"
        aria-label={t`The car, and ${coats} coats beside it`}
        sx={{ height: 56, mb: 1, border: (theme) => `1px solid ${theme.tokens.line}` }}
      >
        <Box sx={{ flex: 1, backgroundColor: car }} />
        <Box sx={{ flex: 1, backgroundColor: tried.colour }} />
      </Stack>
      <Typography variant="h3" sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <SeverityMark severity={tried.seen ? 'look-out' : 'note'} size={16} />
        <Trans>{coats} coats</Trans>
      </Typography>
      <Typography>
        <Words phrase={tried.says} />
      </Typography>
      <Typography variant="body2" color="text.secondary">
        <Trans>{off} off the car.</Trans>{' '}
        {tried.seen ? t`Seen side by side at a gap.` : t`Not seen side by side at a gap.`}
      </Typography>
    </Box>
  );
}
