import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import type { Person } from '../api/types';
import { usePeople } from './usePeople';

/** What cannot be taken back is asked once more. */
export function ForgetDialog({ person, onClose }: { person: Person; onClose: () => void }) {
  const { forget } = usePeople();
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-label={t`Delete what is personal of ${person.name}`}>
      <DialogTitle>
        <Trans>Delete what is personal of {person.name}?</Trans>
      </DialogTitle>
      <DialogContent>
        <Typography>
          <Trans>
            Name, e-mail, password, devices and practice go for good, in older plans too. What was sprayed, read and
            decided stays, by “Somebody”. Archives and backups that were made before still have the name.
          </Trans>
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Leave it</Trans>
        </Button>
        <Button
          color="error"
          variant="contained"
          loading={forget.isPending}
          onClick={() => forget.mutate(person.id, { onSuccess: onClose })}
        >
          <Trans>Delete it</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
