import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button, Stack, TextField } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys } from '../api/queries';

/** Changes one's own password; whoever is signed in elsewhere with the old one is out. */
export function PasswordForm({ first = false }: { first?: boolean }) {
  const client = useQueryClient();
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  const change = useMutation({
    mutationFn: () => unwrap(api.POST('/api/me/password', { body: { current, password } })),
    onSuccess: (me) => {
      setCurrent('');
      setPassword('');
      client.setQueryData(keys.me, me);
    },
  });
  const faults = change.error instanceof ApiProblem ? (change.error.problem?.errors ?? []) : [];
  const fault = (name: string) => faults.find((f) => f.field === name)?.detail;
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    change.mutate();
  };
  return (
    <Stack component="form" noValidate onSubmit={submit} sx={{ gap: 2, maxWidth: 420 }}>
      {change.isError && faults.length === 0 && (
        <Alert severity="error" variant="outlined">
          {change.error.message}
        </Alert>
      )}
      {change.isSuccess && !first && (
        <Alert severity="success" variant="outlined">
          <Trans>Changed. Other devices have to sign in again.</Trans>
        </Alert>
      )}
      <TextField
        label={first ? t`The password you were given` : t`Password you have now`}
        type="password"
        autoComplete="current-password"
        value={current}
        error={fault('current') !== undefined}
        helperText={fault('current')}
        onChange={(event) => setCurrent(event.target.value)}
      />
      <TextField
        label={t`New password`}
        type="password"
        autoComplete="new-password"
        value={password}
        error={fault('password') !== undefined}
        helperText={fault('password') ?? t`10 characters or more; a few words are fine.`}
        onChange={(event) => setPassword(event.target.value)}
      />
      <Button type="submit" variant="contained" loading={change.isPending} sx={{ alignSelf: 'flex-start' }}>
        <Trans>Change the password</Trans>
      </Button>
    </Stack>
  );
}
