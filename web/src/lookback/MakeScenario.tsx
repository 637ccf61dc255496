import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, Stack, TextField, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';

/** A lead makes a scenario of the practice bay of this car: others decide way and length, its colour difference stays hidden. */
export function MakeScenario({ job, title: first }: { job: string; title: string }) {
  const client = useQueryClient();
  const [title, setTitle] = useState(first);
  const make = useMutation({
    mutationFn: () => unwrap(api.POST('/api/jobs/{job}/practice', { params: { path: { job } }, body: { title } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.practice }),
  });
  return (
    <Box component="section" aria-label={t`For the practice bay`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>For the practice bay</Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <TextField
          label={t`What the scenario is called`}
          value={title}
          error={title.trim() === ''}
          onChange={(event) => setTitle(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          sx={{ flex: '1 1 200px' }}
        />
        <Button variant="outlined" disabled={make.isPending || title.trim() === ''} onClick={() => make.mutate()}>
          <Trans>Make a scenario of it</Trans>
        </Button>
      </Stack>
      {make.isError && (
        <Alert severity="error" variant="outlined" sx={{ mt: 1 }}>
          {make.error.message}
        </Alert>
      )}
      {make.data !== undefined && (
        <Button component={RouterLink} to={`/practice/${make.data.key}`} sx={{ px: 0 }}>
          <Trans>It is in the practice bay</Trans>
        </Button>
      )}
    </Box>
  );
}
