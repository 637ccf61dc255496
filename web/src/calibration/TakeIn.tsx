import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';

export function TakeIn({ busy, onPress }: { busy: boolean; onPress: () => void }) {
  return (
    <Button variant="contained" size="large" disabled={busy} onClick={onPress} sx={{ alignSelf: 'flex-start' }}>
      {busy ? <Trans>Working it out</Trans> : <Trans>Take it in</Trans>}
    </Button>
  );
}
