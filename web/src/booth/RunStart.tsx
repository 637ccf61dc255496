import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ApiProblem } from '../api/client';
import type { RunRow } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { SeverityMark } from '../kit/SeverityMark';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { useBeginRun, useRuns } from './useBooth';

const when = (at: string): string =>
  new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** The door to the run: locked until a card passed, open, or a run that is on already; and the runs that were. */
export function RunStart({ handle }: { handle: BenchHandle }) {
  const job = handle.bench.id;
  const navigate = useNavigate();
  const runs = useRuns(job);
  const begin = useBeginRun(job);
  const [id] = useState(() => crypto.randomUUID());
  const station = handle.plan.stations.find((s) => s.id === 'booth');
  const on = runs.data?.find((run) => run.finishedAt === null);
  const over = (runs.data ?? []).filter((run) => run.finishedAt !== null);
  const saved = handle.save.kind === 'saved';
  const problem = begin.error instanceof ApiProblem ? (begin.error.problem?.detail ?? begin.error.message) : null;
  return (
    <Box component="section" aria-label={t`The run`}>
      <Stack direction="row" sx={{ gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ flex: '1 1 300px' }}>
          <Typography variant="h2">
            {on !== undefined ? (
              <Trans>In the booth</Trans>
            ) : over.length > 0 ? (
              <Trans>Sprayed</Trans>
            ) : station?.ready === true ? (
              <Trans>Booth is open</Trans>
            ) : (
              <Trans>Locked until a card has passed</Trans>
            )}
          </Typography>
          <Typography>
            {on !== undefined ? (
              <OnNow run={on} />
            ) : station?.ready === true ? (
              <Trans>The run leads step by step: coat, reach, pressure, cup, and the wait until it is dull.</Trans>
            ) : (
              <Trans>Plan as you like; spraying waits until a card sprayed like this plan matches the car.</Trans>
            )}
          </Typography>
        </Box>
        {on !== undefined ? (
          <Button variant="contained" size="large" component={Link} to={`/jobs/${job}/runs/${on.id}`}>
            <Trans>Go on with the run</Trans>
          </Button>
        ) : station?.ready === true ? (
          <Button
            variant={over.length > 0 ? 'outlined' : 'contained'}
            size="large"
            disabled={begin.isPending || !saved}
            onClick={() => begin.mutate(id, { onSuccess: (run) => void navigate(`/jobs/${job}/runs/${run.id}`) })}
          >
            {begin.isPending ? t`Laying it out` : over.length > 0 ? t`Begin another run` : t`Begin the run`}
          </Button>
        ) : (
          <Button variant="outlined" size="large" component={Link} to={`/jobs/${job}/colour`}>
            <Trans>To the card</Trans>
          </Button>
        )}
      </Stack>
      {problem !== null && (
        <Stack direction="row" role="alert" sx={{ gap: 1, mt: 1, alignItems: 'center' }}>
          <SeverityMark severity="look-out" />
          <Typography>{tell(problem)}</Typography>
        </Stack>
      )}
      {over.map((run) => (
        <Typography key={run.id} sx={{ mt: 1 }}>
          <Trans>
            Sprayed {when(run.finishedAt ?? run.begunAt)}, {run.by}.
          </Trans>{' '}
          <Link to={`/jobs/${job}/runs/${run.id}/record`}>{t`The record`}</Link>
        </Typography>
      ))}
    </Box>
  );
}

function OnNow({ run }: { run: RunRow }) {
  return (
    <Trans>
      Begun {when(run.begunAt)} by {run.by}; step {run.done + 1} of {run.of}
      {run.step !== null && (
        <>
          : <Words phrase={run.step} />
        </>
      )}
      .
    </Trans>
  );
}
