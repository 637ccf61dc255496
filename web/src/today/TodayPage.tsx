import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import AddIcon from '@mui/icons-material/Add';
import {
  Alert,
  Box,
  Button,
  ButtonBase,
  Snackbar,
  Stack,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
  useMediaQuery,
  type Theme,
} from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, useJobs } from '../api/queries';
import type { JobRow, Station } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { usePreferences } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { Empty, Failed, Loading } from '../kit/States';
import { STATIONS } from '../kit/stations';
import { Words } from '../kit/Words';
import { DayView } from './DayView';
import { dueWords, pressing } from './due';

const NewJobDialog = lazy(() => import('./NewJobDialog').then((m) => ({ default: m.NewJobDialog })));

export function TodayPage() {
  const jobs = useJobs();
  const { me } = usePreferences();
  const narrow = useMediaQuery((th: Theme) => th.breakpoints.down('md'));
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
    return <Loading what={t`today’s cars`} />;
  }
  if (jobs.isError) {
    return <Failed error={jobs.error} retry={() => void jobs.refetch()} />;
  }
  const open = () => setSearch({ new: '' });
  const list = narrow || search.get('view') === 'list';
  const look = (view: 'list' | 'hours') =>
    setSearch(
      (p) => {
        if (view === 'list') {
          p.set('view', 'list');
        } else {
          p.delete('view');
        }
        return p;
      },
      { replace: true },
    );
  const late = jobs.data.filter((job) => pressing(job.due, new Date()) === 'late').length;
  return (
    <Box sx={{ p: { xs: 2, md: 3 }, maxWidth: list ? 1240 : 1680, width: '100%', mx: 'auto' }}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 1.5, mb: list ? 2.5 : 1, flexWrap: 'wrap' }}>
        <Box sx={{ flexGrow: 1 }}>
          <title>{t`Today, Kalopsis`}</title>
          <Typography variant="h1">
            <Trans>Today</Trans>
          </Typography>
          {list && (
            <Typography color="text.secondary">
              <Trans>
                {new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' }).format(
                  new Date(),
                )}{' '}
                in {me.workshop.town}: {jobs.data.length === 1 ? t`one car` : t`${jobs.data.length} cars`} in the shop
                {late > 0 && t`, ${late} late`}
              </Trans>
            </Typography>
          )}
        </Box>
        {!narrow && (
          <ToggleButtonGroup
            exclusive
            value={list ? 'list' : 'hours'}
            onChange={(_, v: 'list' | 'hours' | null) => v !== null && look(v)}
            aria-label={t`How the day is shown`}
          >
            <ToggleButton value="hours">
              <Trans>Hours</Trans>
            </ToggleButton>
            <ToggleButton value="list">
              <Trans>List</Trans>
            </ToggleButton>
          </ToggleButtonGroup>
        )}
        <FileButton label={t`Job file`} accept=".json,application/json" onFile={(file) => upload.mutate(file)}>
          <Trans>Upload a job</Trans>
        </FileButton>
        <Button variant="contained" startIcon={<AddIcon />} onClick={open}>
          <Trans>New job</Trans>
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
          title={t`No car in the shop`}
          action={
            <Button variant="contained" onClick={open}>
              <Trans>Open the first job</Trans>
            </Button>
          }
        >
          <Trans>Open a job: pick the body shape and the colour, then tap the panel that was hit.</Trans>
        </Empty>
      ) : !list ? (
        <DayView rows={jobs.data} />
      ) : (
        <Stack component="ul" sx={{ p: 0, m: 0, listStyle: 'none', borderBottom: (t) => `1px solid ${t.tokens.line}` }}>
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
      <Suspense fallback={null}>{opening && <NewJobDialog onClose={() => setSearch({})} />}</Suspense>
      <Snackbar
        open={away !== null}
        autoHideDuration={8000}
        onClose={() => setAway(null)}
        message={away === null ? '' : t`${away.label} ${away.plate} is in the logbook now.`}
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
            <Trans>Undo</Trans>
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
        borderTop: (t) => `1px solid ${t.tokens.line}`,
        backgroundColor: (t) => t.tokens.surface,
        alignItems: 'stretch',
        flexDirection: { xs: 'column', sm: 'row' },
      }}
    >
      <ButtonBase
        component={Link}
        to={`/jobs/${job.id}/${next?.id ?? 'blend'}`}
        sx={{
          flexGrow: 1,
          display: 'grid',
          gridTemplateColumns: { xs: '14px 1fr', md: '14px 210px 1fr' },
          columnGap: 2,
          rowGap: 1,
          textAlign: 'left',
          p: 2,
          alignItems: 'start',
          color: 'text.primary',
          '&:hover': { backgroundColor: (t) => t.tokens.raised },
        }}
      >
        <Box
          aria-hidden="true"
          sx={{
            gridRow: { xs: 'span 2', md: 'span 1' },
            alignSelf: 'stretch',
            minHeight: 56,
            // A car nobody has read yet has no colour to show.
            background: (t) =>
              job.paint ?? `repeating-linear-gradient(135deg, ${t.tokens.line} 0 2px, ${t.tokens.surface} 2px 7px)`,
            border: (t) => `1px solid ${t.tokens.inkSoft}`,
          }}
        />
        <Box>
          <Typography variant="h2" component="h2">
            {job.label}
          </Typography>
          <Typography variant="body2" color="text.secondary">
            {job.plate}
            {job.plate && ', '}
            {job.colour}
          </Typography>
          <Due job={job} />
        </Box>
        <Stack sx={{ gap: 0.75, minWidth: 0, gridColumn: { xs: 2, md: 'auto' } }}>
          <Typography sx={{ fontWeight: 660, fontSize: '1.12rem', lineHeight: 1.3 }}>
            {next === undefined || station === undefined ? (
              t`Ready`
            ) : (
              <>
                {station.name}: <Words phrase={next.state} />
              </>
            )}
          </Typography>
          <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
            {job.severity !== 'note' && (
              <Box sx={{ mt: 0.25 }}>
                <SeverityMark severity={job.severity} size={18} />
              </Box>
            )}
            <Typography color="text.secondary">
              <Words phrase={job.verdict} />
            </Typography>
          </Stack>
          <Track stations={job.stations} next={next?.id} />
        </Stack>
      </ButtonBase>
      {onAway && (
        <Button
          onClick={onAway}
          aria-label={t`Put ${job.label} ${job.plate} away`}
          sx={{ color: 'text.secondary', borderRadius: 0, whiteSpace: 'nowrap', fontWeight: 400 }}
        >
          <Trans>Put away</Trans>
        </Button>
      )}
    </Stack>
  );
}

function Due({ job }: { job: JobRow }) {
  const now = new Date();
  const how = pressing(job.due, now);
  if (job.due === null) {
    return job.painter === '' ? null : <Typography variant="body2">{job.painter}</Typography>;
  }
  return (
    <Stack direction="row" sx={{ gap: 0.75, alignItems: 'center' }}>
      {how === 'late' && <SeverityMark severity="look-out" size={15} />}
      <Typography variant="body2" sx={{ fontWeight: how === 'later' ? 400 : 660 }}>
        {how === 'late' ? t`was due` : t`due`} {dueWords(job.due, now)}
        {job.painter !== '' && `, ${job.painter}`}
      </Typography>
    </Stack>
  );
}

/** The six stations by name, as far as the car has come: done ones ticked, the one it waits for marked. */
function Track({ stations, next }: { stations: readonly Station[]; next: string | undefined }) {
  return (
    <Stack direction="row" component="span" sx={{ columnGap: 1.75, rowGap: 0.25, flexWrap: 'wrap' }}>
      {STATIONS.map(({ id, name }) => {
        const done = stations.find((s) => s.id === id)?.ready === true;
        return (
          <Typography
            key={id}
            component="span"
            variant="caption"
            sx={{
              color: done || id === next ? 'text.primary' : 'text.secondary',
              fontWeight: id === next ? 700 : 400,
              borderBottom: (t) => `2px solid ${id === next ? t.tokens.ink : 'transparent'}`,
            }}
          >
            {done ? '\u2713 ' : ''}
            {name}
            <Box component="span" sx={visuallyHidden}>
              {done ? t`, ready` : id === next ? t`, waits` : ''}
            </Box>
          </Typography>
        );
      })}
    </Stack>
  );
}
