import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { useJobs } from '../api/queries';
import { guideOf } from '../kit/guide';
import { nextStep, TOUR, tourPath, type TourState } from './tourSteps';

/** The tour: a bar at the foot that goes along, never in the way of what it speaks of. Left and resumed at any step. */
export function Tour({ state, onState }: { state: TourState; onState: (state: TourState) => void }) {
  const navigate = useNavigate();
  const jobs = useJobs();
  const job = jobs.data?.[0]?.id ?? null;
  // Until the cars are there nobody knows where the way goes on.
  const waits = jobs.isPending;
  const page = guideOf(TOUR[state.step] ?? 'today');
  if (page === undefined) {
    return null;
  }
  const go = (step: number | null) => {
    const path = step === null ? null : tourPath(step, job);
    if (step !== null && path !== null) {
      onState({ step, open: true });
      void navigate(path);
    }
  };
  const [back, next] = [nextStep(state.step, -1, job), nextStep(state.step, 1, job)];
  return (
    <Box
      component="section"
      aria-label={t`Tour`}
      className="no-print"
      sx={{
        position: 'sticky',
        bottom: 0,
        zIndex: 5,
        flexShrink: 0,
        borderTop: (th) => `2px solid ${th.tokens.press}`,
        backgroundColor: (th) => th.tokens.raised,
        px: 2,
        py: 1,
      }}
    >
      <Stack direction={{ xs: 'column', md: 'row' }} sx={{ gap: 2, alignItems: { md: 'center' } }}>
        <Box sx={{ flexGrow: 1 }} aria-live="polite">
          <Typography sx={{ fontWeight: 680 }}>
            {page.title}{' '}
            <Typography component="span" color="text.secondary">
              <Trans>
                {state.step + 1} of {TOUR.length}
              </Trans>
            </Typography>
          </Typography>
          <Typography>
            {page.what} {page.how}
          </Typography>
        </Box>
        <Stack direction="row" sx={{ gap: 1, flexShrink: 0, flexWrap: 'wrap' }}>
          <Button onClick={() => onState({ ...state, open: false })}>
            <Trans>Leave</Trans>
          </Button>
          <Button disabled={back === null || waits} onClick={() => go(back)}>
            <Trans>Back</Trans>
          </Button>
          {next === null ? (
            <Button variant="contained" onClick={() => onState({ step: 0, open: false })}>
              <Trans>That was all</Trans>
            </Button>
          ) : (
            <Button variant="contained" disabled={waits} onClick={() => go(next)}>
              <Trans>Next</Trans>
            </Button>
          )}
        </Stack>
      </Stack>
    </Box>
  );
}
