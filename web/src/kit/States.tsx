import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Skeleton, Stack, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { ApiProblem } from '../api/client';
import { SeverityMark } from './SeverityMark';

export function Loading({ what }: { what: string }) {
  return (
    <Stack spacing={1.5} sx={{ p: 3 }} role="status" aria-label={t`Loading ${what}`}>
      <Skeleton variant="rounded" height={36} width="40%" />
      <Skeleton variant="rounded" height={220} />
      <Skeleton variant="rounded" height={36} width="70%" />
    </Stack>
  );
}

export function Failed({ error, retry }: { error: unknown; retry?: () => void }) {
  const problem = error instanceof ApiProblem ? error : null;
  return (
    <Stack spacing={2} sx={{ p: 3, maxWidth: 560, alignItems: 'flex-start' }} role="alert">
      <Stack direction="row" spacing={1} sx={{ alignItems: 'center' }}>
        <SeverityMark severity="stop" size={24} />
        <Typography variant="h2">{problem?.message ?? t`This page could not be shown.`}</Typography>
      </Stack>
      <Typography>
        {problem?.isOffline
          ? t`Check that the shop computer is on and the network is plugged in. Nothing you typed is lost.`
          : (problem?.problem?.detail ?? t`Try again; nothing you typed is lost.`)}
      </Typography>
      {retry && (
        <Button variant="contained" onClick={retry}>
          <Trans>Try again</Trans>
        </Button>
      )}
    </Stack>
  );
}

export function Empty({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <Stack spacing={1.5} sx={{ p: 4, maxWidth: 560, alignItems: 'flex-start' }}>
      <Typography variant="h2">{title}</Typography>
      <Typography component="div">{children}</Typography>
      <Box>{action}</Box>
    </Stack>
  );
}
