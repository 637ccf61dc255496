import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import { Alert, Box, Button, LinearProgress, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ApiProblem, unwrap } from '../api/client';
import { FileButton } from '../kit/FileButton';
import { useUnits } from '../kit/preferences';
import { faultText } from '../kit/units';

/** The whole workshop out as one file, and into a new one. */
export function WholeWorkshop() {
  const client = useQueryClient();
  const units = useUnits();
  const take = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      // Sent as it is: what was cut off on the way has to be noticed by who reads it.
      return unwrap(
        api.POST('/api/workshop/archive', { body: text as never, bodySerializer: (body: unknown) => body as string }),
      );
    },
    onSuccess: () => client.invalidateQueries(),
  });
  const faults = take.error instanceof ApiProblem ? (take.error.problem?.errors ?? []) : [];
  return (
    <Box component="section" aria-label={t`The whole workshop`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>The whole workshop</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1.5, maxWidth: '68ch' }}>
        <Trans>
          Shelf, people, cars and all that was recorded, in one file that another installation takes in. Passwords,
          devices and what could be undone stay behind.
        </Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          startIcon={<DownloadIcon />}
          component="a"
          href="/api/workshop/archive"
          download
          onClick={() => void client.invalidateQueries({ queryKey: ['happenings'] })}
        >
          <Trans>Take it out</Trans>
        </Button>
        <FileButton
          label={t`Archive of a workshop`}
          accept=".json,application/json"
          onFile={(file) => take.mutate(file)}
        >
          <Trans>Bring one in</Trans>
        </FileButton>
      </Stack>
      {take.isPending && <LinearProgress aria-label={t`Bringing it in`} sx={{ mt: 1.5 }} />}
      {take.isError && (
        <Alert severity="error" variant="outlined" sx={{ mt: 1.5 }}>
          {faults.length === 0
            ? ((take.error instanceof ApiProblem ? take.error.problem?.detail : null) ?? take.error.message)
            : null}
          {faults.slice(0, 5).map((f) => (
            <div key={`${f.field} ${f.detail}`}>
              <strong>{f.field}</strong> {faultText(f, units)}
            </div>
          ))}
        </Alert>
      )}
      {take.isSuccess && (
        <Alert severity="success" variant="outlined" sx={{ mt: 1.5 }}>
          <Trans>
            Taken in: {take.data.jobs ?? 0} cars, {take.data.colours ?? 0} colours, {take.data.paintSystems ?? 0} paint
            systems. Its people are put away until they get a new password.
          </Trans>
        </Alert>
      )}
    </Box>
  );
}
