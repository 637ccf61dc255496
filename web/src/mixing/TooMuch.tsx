import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import type { Mix } from '../api/types';
import { useGrams } from '../kit/preferences';
import { tell } from '../language/tell';
import type { MixDoes } from './useMix';

/** Too much went in: more of everything makes it right again, or nothing does. */
export function TooMuch({
  over,
  vessel,
  does,
  busy,
}: {
  over: NonNullable<Mix['over']>;
  vessel: string;
  does: (does: MixDoes) => void;
  busy: boolean;
}) {
  const weight = useGrams();
  return (
    <Box role="alert">
      <Typography sx={{ fontSize: 'clamp(1.6rem, 4vw, 2.8rem)', fontWeight: 700, lineHeight: 1.15 }}>
        <Trans>
          {weight(over.by)} too much of {tell(over.name)}
        </Trans>
      </Typography>
      <Typography sx={{ fontSize: '1.25rem', my: 1.5 }}>
        {over.canRecover ? (
          <Trans>
            With {((over.times - 1) * 100).toFixed(1)}% more of everything the ratio is right again:{' '}
            {weight(over.addsG)} more in the cup.
          </Trans>
        ) : (
          <Trans>
            It cannot be saved: the rest would be more than the largest cup holds, or more than twice the paint.
          </Trans>
        )}{' '}
        {over.canRecover && over.vessel !== null && over.vessel !== vessel && (
          <Trans>Pour it over into a {over.vessel} ml cup first.</Trans>
        )}
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        {over.canRecover && (
          <Button
            variant="contained"
            disabled={busy}
            onClick={() => does('recover')}
            sx={{ minHeight: 72, fontSize: '1.3rem' }}
          >
            <Trans>Recompute the rest</Trans>
          </Button>
        )}
        <Button variant="outlined" disabled={busy} onClick={() => does('accept')} sx={{ minHeight: 72 }}>
          <Trans>Take it as it is</Trans>
        </Button>
      </Stack>
    </Box>
  );
}
