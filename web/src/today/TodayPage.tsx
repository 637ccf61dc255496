import AddIcon from '@mui/icons-material/Add';
import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import { Alert, Box, Button, ButtonBase, Snackbar, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, useJobs } from '../api/queries';
import type { JobRow, Station } from '../api/types';
import { STATIONS } from '../bench/stations';
import { usePreferences } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { Empty, Failed, Loading } from '../kit/States';
import { Words } from '../kit/Words';
import { NewJobDialog } from './NewJobDialog';

export function TodayPage() {
  const jobs = useJobs();
  const { me } = usePreferences();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [away, setAway] = useState<JobRow | null>(null);
  const put = useMutation({
    mutationFn: ({ id, to }: { id: string; to: 'archive' | 'restore' }) =>
      unwrap(
        to === 'archive'
          ? api.POST('/api/jobs/{job}/archive', { params: { path: { job: id } } })
          : api.POST('/api/jobs/{job}/restore', { params: { path: { job: id } } }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.jobs }),
  });
  const upload = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      let body: unknown;
      try {
        body = JSON.parse(text);
      } catch {
        throw new Error('This file is not readable JSON.');
      }
      return unwrap(api.POST('/api/jobs/import', { body: body as never }));
    },
    onSuccess: async (bench) => {
      await client.invalidateQueries({ queryKey: keys.jobs });
      void navigate(`/jobs/${bench.id}/car`);
    },
  });
  const opening = search.has('new');
  if (jobs.isPending) {
    return <Loading what="today’s cars" />;
  }
  if (jobs.isError) {
    return <Failed error={jobs.error} retry={() => void jobs.refetch()} />;
  }
  const open = () => setSearch({ new: '' });
  return (
    <Box sx={{ p: { xs: 2, md: 3 }, maxWidth: 1240, width: '100%', mx: 'auto' }}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 1.5, mb: 2.5, flexWrap: 'wrap' }}>
        <Box sx={{ flexGrow: 1 }}>
          <Typography variant="h1">Today</Typography>
          <Typography color="text.secondary">
            {new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' }).format(new Date())}{' '}
            in {me.workshop.town}: {jobs.data.length === 1 ? 'one car' : `${jobs.data.length} cars`} in the shop
          </Typography>
        </Box>
        <Button variant="outlined" component="label" startIcon={<UploadIcon />}>
          Upload a job
          <input
            hidden
            type="file"
            accept=".json,application/json"
            aria-label="Job file"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) {
                upload.mutate(file);
              }
              event.target.value = '';
            }}
          />
        </Button>
        <Button variant="contained" startIcon={<AddIcon />} onClick={open}>
          New job
        </Button>
      </Stack>
      {upload.isError && (
        <Alert severity="error" variant="outlined" sx={{ mb: 2 }} onClose={() => upload.reset()}>
          {upload.error.message}{' '}
          {upload.error instanceof ApiProblem
            ? (upload.error.problem?.errors ?? []).map((e) => `${e.field}: ${e.detail}`).join(' ')
            : ''}
        </Alert>
      )}
      {jobs.data.length === 0 ? (
        <Empty
          title="No car in the shop"
          action={
            <Button variant="contained" onClick={open}>
              Open the first job
            </Button>
          }
        >
          Open a job: pick the body shape and the colour, then tap the panel that was hit.
        </Empty>
      ) : (
        <Stack component="ul" sx={{ p: 0, m: 0, listStyle: 'none', gap: 1.25 }}>
          {jobs.data.map((job) => (
            <Row
              key={job.id}
              job={job}
              onAway={
                me.role === 'lead'
                  ? () => {
                      setAway(job);
                      put.mutate({ id: job.id, to: 'archive' });
                    }
                  : undefined
              }
            />
          ))}
        </Stack>
      )}
      {opening && <NewJobDialog onClose={() => setSearch({})} />}
      <Snackbar
        open={away !== null}
        autoHideDuration={8000}
        onClose={() => setAway(null)}
        message={away === null ? '' : `${away.label} ${away.plate} is in the logbook now.`}
        action={
          <Button
            color="inherit"
            onClick={() => {
              if (away !== null) {
                put.mutate({ id: away.id, to: 'restore' });
              }
              setAway(null);
            }}
          >
            Undo
          </Button>
        }
      />
    </Box>
  );
}

/** The first station that is not ready: what the car waits for. */
const waiting = (stations: readonly Station[]): Station | undefined => stations.find((s) => !s.ready);

function Row({ job, onAway }: { job: JobRow; onAway: (() => void) | undefined }) {
  const next = waiting(job.stations);
  const station = STATIONS.find((s) => s.id === next?.id);
  return (
    <Stack
      component="li"
      direction="row"
      sx={{
        backgroundColor: (t) => t.tokens.surface,
        border: (t) => `1px solid ${t.tokens.line}`,
        borderRadius: 1.5,
        alignItems: 'stretch',
      }}
    >
      <ButtonBase
        component={Link}
        to={`/jobs/${job.id}/${job.stations[0]?.ready ? 'blend' : 'car'}`}
        sx={{
          flexGrow: 1,
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '220px 1fr 250px' },
          gap: { xs: 1, md: 2 },
          textAlign: 'left',
          p: 2,
          alignItems: 'center',
          color: 'text.primary',
          '&:hover': { backgroundColor: (t) => t.tokens.raised },
        }}
      >
        <Box>
          <Typography variant="h2" component="h2">
            {job.label}
          </Typography>
          <Typography variant="body2" color="text.secondary">
            {job.plate}
            {job.plate && ', '}
            {job.colour}
          </Typography>
        </Box>
        <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
          <Box sx={{ mt: 0.25 }}>
            <SeverityMark severity={job.severity} />
          </Box>
          <Typography>
            <Words phrase={job.verdict} />
          </Typography>
        </Stack>
        <Stack sx={{ gap: 0.75 }}>
          <Track stations={job.stations} />
          <Typography variant="body2" color="text.secondary">
            {next === undefined || station === undefined ? (
              'ready'
            ) : (
              <>
                {station.name}: <Words phrase={next.state} />
              </>
            )}
          </Typography>
        </Stack>
      </ButtonBase>
      {onAway && (
        <Button
          onClick={onAway}
          aria-label={`Put ${job.label} ${job.plate} away`}
          sx={{ color: 'text.secondary', borderRadius: 0, borderLeft: (t) => `1px solid ${t.tokens.line}` }}
        >
          Put away
        </Button>
      )}
    </Stack>
  );
}

/** Six marks for the six stations: filled where the work is done, open where it waits. */
function Track({ stations }: { stations: readonly Station[] }) {
  const done = stations.filter((s) => s.ready).length;
  return (
    <Box
      component="svg"
      viewBox="0 0 186 16"
      role="img"
      aria-label={`${done} of ${stations.length} stations ready`}
      sx={{ width: 186, height: 16, color: (t) => t.tokens.ink }}
    >
      <line x1="8" x2="178" y1="8" y2="8" stroke="currentColor" strokeOpacity="0.35" />
      {stations.map((s, i) => (
        <circle
          key={s.id}
          cx={8 + i * 34}
          cy="8"
          r="6"
          fill={s.ready ? 'currentColor' : 'transparent'}
          stroke="currentColor"
          strokeWidth="1.6"
          style={s.ready ? undefined : { fill: 'var(--mui-track, Canvas)' }}
        />
      ))}
    </Box>
  );
}
