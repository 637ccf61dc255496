import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Typography } from '@mui/material';
import { PasswordForm } from './PasswordForm';

/** What somebody sees whose password was given by a lead: nothing else until it is their own. */
export function FirstPassword({ name }: { name: string }) {
  return (
    <Box component="main" sx={{ p: { xs: 2, sm: 6 }, display: 'flex', justifyContent: 'center' }}>
      <title>{t`Your password, Kalopsis`}</title>
      <Stack sx={{ gap: 2, width: '100%', maxWidth: 480 }}>
        <Typography variant="h1">
          <Trans>Welcome, {name}</Trans>
        </Typography>
        <Typography>
          <Trans>Your lead gave you a first password. Choose one that only you know.</Trans>
        </Typography>
        <PasswordForm first />
      </Stack>
    </Box>
  );
}
