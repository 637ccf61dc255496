import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { usePreferences } from '../kit/preferences';
import { Failed } from '../kit/States';
import { tell } from '../language/tell';
import { DeviceList } from './DeviceList';
import { PasswordForm } from './PasswordForm';

const DEVICES = ['me', 'devices'];

/** One's own account: the password, and where one is signed in. */
export function AccountPage() {
  const { me } = usePreferences();
  const client = useQueryClient();
  const devices = useQuery({ queryKey: DEVICES, queryFn: () => unwrap(api.GET('/api/me/devices')) });
  const out = useMutation({
    mutationFn: () => unwrap(api.POST('/api/me/sign-out-elsewhere')),
    onSuccess: () => client.invalidateQueries({ queryKey: DEVICES }),
  });
  const outThere = useMutation({
    mutationFn: (key: string) => unwrap(api.POST('/api/me/devices/{key}/sign-out', { params: { path: { key } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: DEVICES }),
  });
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 4, maxWidth: 760 }}>
      <title>{t`My account, Kalopsis`}</title>
      <Box>
        <Typography variant="h1">{me.name}</Typography>
        <Typography color="text.secondary">
          {tell(me.role)}, {me.email}
        </Typography>
      </Box>
      <Box component="section">
        <Typography variant="h2" sx={{ mb: 1.5 }}>
          <Trans>Password</Trans>
        </Typography>
        <PasswordForm />
      </Box>
      <Box component="section">
        <Typography variant="h2" sx={{ mb: 1 }}>
          <Trans>Where you are signed in</Trans>
        </Typography>
        {devices.isError ? (
          <Failed error={devices.error} retry={() => void devices.refetch()} />
        ) : (
          <DeviceList devices={devices.data ?? []} onEnd={(d) => outThere.mutate(d.key)} />
        )}
        <Button variant="outlined" onClick={() => out.mutate()} disabled={out.isPending} sx={{ mt: 1 }}>
          <Trans>Sign out everywhere else</Trans>
        </Button>
      </Box>
    </Stack>
  );
}
