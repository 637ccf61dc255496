import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Link, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link as RouterLink } from 'react-router';
import { api, unwrap } from '../api/client';
import { keys, useArchivedJobs } from '../api/queries';
import { usePreferences } from '../kit/preferences';
import { Empty, Failed, Loading } from '../kit/States';

export function LogbookPage() {
  const jobs = useArchivedJobs(true);
  const { me } = usePreferences();
  const client = useQueryClient();
  const restore = useMutation({
    mutationFn: (id: string) => unwrap(api.POST('/api/jobs/{job}/restore', { params: { path: { job: id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.jobs }),
  });
  if (jobs.isPending) {
    return <Loading what={t`the logbook`} />;
  }
  if (jobs.isError) {
    return <Failed error={jobs.error} retry={() => void jobs.refetch()} />;
  }
  return (
    <Stack sx={{ p: 3, gap: 2, maxWidth: 860 }}>
      <title>{t`Logbook, Kalopsis`}</title>
      <Typography variant="h1">
        <Trans>Logbook</Trans>
      </Typography>
      <Typography color="text.secondary">
        <Trans>
          Jobs that were put away, with every version kept. What each colour taught will be gathered here once jobs are
          looked back on.
        </Trans>
      </Typography>
      {jobs.data.length === 0 ? (
        <Empty title={t`Nothing put away yet`}>
          <Trans>When a car has left, a lead puts its job away from Today.</Trans>
        </Empty>
      ) : (
        jobs.data.map((job) => (
          <Stack
            key={job.id}
            direction="row"
            sx={{ alignItems: 'center', gap: 2, borderBottom: (t) => `1px solid ${t.tokens.line}`, py: 1 }}
          >
            <Link component={RouterLink} to={`/jobs/${job.id}/car`} sx={{ flexGrow: 1 }}>
              {job.label} {job.plate}
            </Link>
            <Typography color="text.secondary">{job.colour}</Typography>
            {me.role === 'lead' && (
              <Button variant="outlined" onClick={() => restore.mutate(job.id)}>
                <Trans>Bring back</Trans>
              </Button>
            )}
          </Stack>
        ))
      )}
    </Stack>
  );
}
