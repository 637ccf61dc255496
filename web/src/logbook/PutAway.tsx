import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link as RouterLink } from 'react-router';
import { api, unwrap } from '../api/client';
import { keys, useArchivedJobs } from '../api/queries';
import { usePreferences } from '../kit/preferences';

/** Jobs that were put away, the newest; a lead brings them back. */
const MOST = 20;

export function PutAway() {
  const jobs = useArchivedJobs(true);
  const { me } = usePreferences();
  const client = useQueryClient();
  const restore = useMutation({
    mutationFn: (id: string) => unwrap(api.POST('/api/jobs/{job}/restore', { params: { path: { job: id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.jobs }),
  });
  if (jobs.data === undefined || jobs.data.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={t`Put away`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Put away</Trans>
      </Typography>
      {jobs.data.slice(0, MOST).map((job) => (
        <Stack
          key={job.id}
          direction="row"
          sx={{ alignItems: 'center', gap: 2, borderBottom: (th) => `1px solid ${th.tokens.line}`, py: 1 }}
        >
          <Button
            component={RouterLink}
            to={`/jobs/${job.id}/car`}
            sx={{ flexGrow: 1, px: 0, justifyContent: 'flex-start' }}
          >
            {job.label} {job.plate}
          </Button>
          <Typography color="text.secondary">{job.colour}</Typography>
          {me.role === 'lead' && (
            <Button variant="outlined" onClick={() => restore.mutate(job.id)}>
              <Trans>Bring back</Trans>
            </Button>
          )}
        </Stack>
      ))}
    </Box>
  );
}
