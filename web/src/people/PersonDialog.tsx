import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useState, type SyntheticEvent } from 'react';
import { ApiProblem } from '../api/client';
import type { Person, Role } from '../api/types';
import { ROLES } from './roles';
import { usePeople } from './usePeople';

/** Adds somebody, or gives somebody a new first password. */
export function PersonDialog({ person, onClose }: { person?: Person; onClose: () => void }) {
  const { add, reset } = usePeople();
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [role, setRole] = useState<Role>('painter');
  const [password, setPassword] = useState('');
  const asked = person === undefined ? add : reset;
  const faults = asked.error instanceof ApiProblem ? (asked.error.problem?.errors ?? []) : [];
  const fault = (field: string) => faults.find((f) => f.field === field)?.detail;
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    if (person === undefined) {
      add.mutate({ name, email, role, password }, { onSuccess: onClose });
    } else {
      reset.mutate({ id: person.id, password }, { onSuccess: onClose });
    }
  };
  const shown = (field: string, help?: string) => ({
    error: fault(field) !== undefined,
    helperText: fault(field) ?? help,
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form noValidate onSubmit={submit}>
        <DialogTitle>
          {person === undefined ? <Trans>Add somebody</Trans> : <Trans>New first password for {person.name}</Trans>}
        </DialogTitle>
        <DialogContent>
          <Stack sx={{ gap: 2, pt: 1 }}>
            {asked.isError && faults.length === 0 && (
              <Alert severity="error" variant="outlined">
                {asked.error.message}
              </Alert>
            )}
            {person === undefined && (
              <>
                <TextField
                  autoFocus
                  label={t`Name`}
                  value={name}
                  onChange={(event) => setName(event.target.value)}
                  {...shown('name')}
                />
                <TextField
                  label={t`E-mail`}
                  type="email"
                  value={email}
                  onChange={(event) => setEmail(event.target.value)}
                  {...shown('email', t`To sign in with; nothing is ever sent to it.`)}
                />
                <TextField
                  select
                  label={t`Role`}
                  value={role}
                  onChange={(event) => setRole(event.target.value as Role)}
                  {...shown('role')}
                >
                  {ROLES.map((r) => (
                    <MenuItem key={r.key} value={r.key}>
                      {r.name}
                    </MenuItem>
                  ))}
                </TextField>
              </>
            )}
            <TextField
              label={t`First password`}
              autoComplete="off"
              value={password}
              onChange={(event) => setPassword(event.target.value)}
              {...shown('password', t`10 characters or more. Tell it in person.`)}
            />
            <Typography variant="body2" color="text.secondary">
              <Trans>It has to be changed at the first sign-in. Devices that are signed in are signed out.</Trans>
            </Typography>
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>
            <Trans>Leave it</Trans>
          </Button>
          <Button type="submit" variant="contained" loading={asked.isPending}>
            {person === undefined ? <Trans>Add</Trans> : <Trans>Give it</Trans>}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
