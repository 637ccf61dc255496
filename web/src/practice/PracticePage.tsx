import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { usePreferences } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { Ladder } from './Ladder';
import { Trainees } from './Trainees';
import { useLadder, usePutAway } from './usePractice';

/** The trainer: repairs with a hidden truth, a ladder of skills, and a sandbox with every slider. */
export function PracticePage() {
  const { me } = usePreferences();
  const ladder = useLadder();
  const putAway = usePutAway();
  if (ladder.isError) {
    return <Failed error={ladder.error} retry={() => void ladder.refetch()} />;
  }
  if (ladder.data === undefined) {
    return <Loading what={t`the practice bay`} />;
  }
  const first = ladder.data.scenarios.find((s) => s.best === null || s.best < ladder.data.good);
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 3 }}>
      <title>{t`Practice bay, Kalopsis`}</title>
      <Box>
        <Typography variant="h1">
          <Trans>Practice bay</Trans>
        </Typography>
        <Typography sx={{ maxWidth: '68ch' }}>
          <Trans>
            Decide, spray, walk round the panel. What is true of a repair is told only once it is sprayed. No paint is
            wasted here.
          </Trans>
        </Typography>
        <Stack direction="row" sx={{ gap: 1.5, mt: 1.5, flexWrap: 'wrap' }}>
          {first !== undefined && (
            <Button variant="contained" size="large" component={RouterLink} to={`/practice/${first.key}`}>
              {first.tries === 0 && ladder.data.scenarios[0]?.key === first.key ? (
                <Trans>Begin</Trans>
              ) : (
                <Trans>Go on</Trans>
              )}
            </Button>
          )}
          <Button variant="outlined" component={RouterLink} to="/practice/sandbox">
            <Trans>Sandbox</Trans>
          </Button>
        </Stack>
      </Box>
      <Ladder ladder={ladder.data} mayPutAway={me.role === 'lead'} onPutAway={(key) => putAway.mutate(key)} />
      {me.role === 'lead' && <Trainees />}
    </Stack>
  );
}
