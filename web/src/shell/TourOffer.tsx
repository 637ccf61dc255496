import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Stack, Typography } from '@mui/material';

/** Asked once on a device where nobody has begun it. */
export function TourOffer({ onBegin, onNo }: { onBegin: () => void; onNo: () => void }) {
  return (
    <Stack
      component="section"
      aria-label={t`New here?`}
      direction="row"
      className="no-print"
      sx={{
        gap: 1,
        px: 2,
        py: 0.5,
        alignItems: 'center',
        flexWrap: 'wrap',
        flexShrink: 0,
        backgroundColor: (th) => th.tokens.raised,
        borderBottom: (th) => `1px solid ${th.tokens.line}`,
      }}
    >
      <Typography sx={{ flexGrow: 1 }}>
        <Trans>New here? Two minutes through one car, from the dent to the look-back.</Trans>
      </Typography>
      <Button onClick={onNo}>
        <Trans>Not now</Trans>
      </Button>
      <Button variant="contained" onClick={onBegin}>
        <Trans>Take the tour</Trans>
      </Button>
    </Stack>
  );
}
