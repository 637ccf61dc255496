import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, LinearProgress, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { Empty, Failed, Loading } from '../kit/States';
import { Measure, Words } from '../kit/Words';
import { WhyFigure } from '../kit/Why';
import { AirPanel } from './AirPanel';
import { Flashes } from './Flashes';
import { RunStart } from './RunStart';
import { TimeAxis } from './TimeAxis';
import { useBooth, type Hardener } from './useBooth';
import { WalkPanel } from './WalkPanel';

/** Station 5 before the run: the job as time, the air, the walk around the panels, and the door to the run. */
export function BoothStation({ handle }: { handle: BenchHandle }) {
  const [walk, setWalk] = useState<readonly string[]>([]);
  const [hardener, setHardener] = useState<Hardener | null>(null);
  const before = useBooth(handle.bench.id, handle.document, walk, hardener);
  const shown = before.data;
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, overflowY: { lg: 'auto' }, p: { xs: 2, md: 2.5 } }}>
        {handle.plan.coats.length === 0 ? (
          <Empty title={t`Nothing to spray yet`}>
            <Trans>Place a repair in station 1, Car; time and air follow from the coats.</Trans>
          </Empty>
        ) : shown === undefined ? (
          before.isError ? (
            <Failed error={before.error} retry={() => void before.refetch()} />
          ) : (
            <Loading what={t`the time axis`} />
          )
        ) : (
          <Stack sx={{ gap: 3 }}>
            <RunStart handle={handle} />
            {before.isFetching && <LinearProgress aria-label={t`Computing`} />}
            <Box component="section" aria-label={t`The whole job`}>
              <Typography variant="h2">
                <Trans>The whole job</Trans>
              </Typography>
              {shown.length !== undefined && shown.handsOn !== undefined && shown.waiting !== undefined && (
                <Typography sx={{ mb: 1 }}>
                  <Trans>
                    <strong>
                      <Measure of={shown.length} />
                    </strong>{' '}
                    for one painter: <Measure of={shown.handsOn} /> hands on, <Measure of={shown.waiting} /> waiting
                    with nothing else to do.
                  </Trans>{' '}
                  {shown.colourFirst !== undefined && shown.colourFirst.value > 0.5 && (
                    <Trans>
                      Card first saves <WhyFigure figure={shown.colourFirst} label={t`Card first`} />: it dries while
                      you prep.
                    </Trans>
                  )}
                </Typography>
              )}
              <TimeAxis tasks={shown.tasks} />
            </Box>
            <Flashes flashes={shown.flashes} />
            {shown.walk !== null && (
              <WalkPanel
                walk={shown.walk}
                chosen={walk}
                hardener={hardener}
                onWalk={setWalk}
                onHardener={setHardener}
              />
            )}
            <AirPanel air={shown.air} handle={handle} />
            {shown.stands.length > 0 && (
              <Box component="section" aria-label={t`Where it stands`}>
                <Typography variant="h2" sx={{ mb: 0.5 }}>
                  <Trans>Where it stands</Trans>
                </Typography>
                {shown.stands.map((says) => (
                  <Typography key={says.plain}>
                    <Words phrase={says} />
                  </Typography>
                ))}
              </Box>
            )}
          </Stack>
        )}
      </Box>
      <Meaning plan={handle.plan} where={(at) => at === 'booth' || at.startsWith('coat:')} />
    </Box>
  );
}
