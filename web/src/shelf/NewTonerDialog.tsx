import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, MenuItem, Stack, TextField } from '@mui/material';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import { KINDS } from './tonerKinds';
import { useKeepToner } from './useToners';

/** A toner that is on the printout and not on the bench yet: its name is enough to pour it. */
export function NewTonerDialog({ onClose, onMade }: { onClose: () => void; onMade: (key: string) => void }) {
  const { keep } = useKeepToner();
  const [name, setName] = useState('');
  const [kind, setKind] = useState('shade');
  const fault =
    keep.error instanceof ApiProblem ? (keep.error.problem?.errors?.[0]?.detail ?? keep.error.message) : null;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          event.stopPropagation();
          keep.mutate({ key: null, wish: { name, kind } }, { onSuccess: (toner) => onMade(toner.key) });
        }}
      >
        <DialogTitle>
          <Trans>Another toner</Trans>
        </DialogTitle>
        <DialogContent>
          <Stack sx={{ gap: 2, pt: 1 }}>
            <TextField
              autoFocus
              label={t`Name, as on the tin`}
              value={name}
              onChange={(e) => setName(e.target.value)}
              error={fault !== null}
              helperText={fault ?? t`Enough to weigh and pour it; its drawdowns can follow on the Shelf.`}
            />
            <TextField select label={t`Kind`} value={kind} onChange={(e) => setKind(e.target.value)}>
              {KINDS.map((k) => (
                <MenuItem key={k.kind} value={k.kind}>
                  {k.name}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>
            <Trans>Leave it</Trans>
          </Button>
          <Button type="submit" variant="contained" loading={keep.isPending} disabled={name.trim() === ''}>
            <Trans>Put it on the bench</Trans>
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
