import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { Link as RouterLink } from 'react-router';
import { api, unwrap } from '../api/client';
import { useShelf } from '../api/queries';
import { longDay } from '../kit/dates';
import { Measure } from '../kit/Words';
import { tell } from '../language/tell';

/** The last time this colour was here: how it was blended, what became of it, and what was learned. */
export function LastTimes({ job, colour, code }: { job: string; colour: string; code: string }) {
  const last = useQuery({
    queryKey: ['job', job, 'last-times', colour, code],
    queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/last-times', { params: { path: { job } }, signal })),
  });
  const schools = useShelf().data?.schools ?? [];
  const times = last.data ?? [];
  const best = times.find((row) => row.looked === 'clean' && !row.redo) ?? times[0];
  if (best === undefined) {
    return null;
  }
  const school = schools.find((s) => s.key === best.school)?.name;
  const lessons = times.filter((row) => row.lesson !== '');
  return (
    <Box
      component="section"
      aria-label={t`The last time this colour was here`}
      sx={{ px: { xs: 2, md: 2.5 }, py: 1.25, borderBottom: (th) => `1px solid ${th.tokens.line}` }}
    >
      <Typography>
        <strong>
          <Trans>Here before:</Trans>
        </strong>{' '}
        {best.label} {best.plate}, {longDay(best.opened)}: {school === undefined ? best.school : tell(school)},{' '}
        <Trans>
          blended over <Measure of={best.blend} />
        </Trans>
        {best.need !== null && (
          <>
            {', '}
            <Trans>
              needed <Measure of={best.need} />
            </Trans>
          </>
        )}
        {best.formula !== null && (
          <>
            {', '}
            <Trans>formula {best.formula} passed</Trans>
          </>
        )}
        ;{' '}
        {best.redo ? (
          <Trans>done again</Trans>
        ) : best.looked === 'seen' ? (
          <Trans>something was seen</Trans>
        ) : best.looked === 'clean' ? (
          <Trans>nothing was seen</Trans>
        ) : (
          <Trans>not looked at yet</Trans>
        )}
        .
      </Typography>
      {lessons.slice(0, 2).map((row) => (
        <Typography key={row.job} variant="body2">
          <Trans>Learned then:</Trans> {row.lesson}
        </Typography>
      ))}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Button component={RouterLink} to={`/jobs/${best.job}/look-back`}>
          <Trans>How it went</Trans>
        </Button>
        <Button component={RouterLink} to={`/logbook/colour?${new URLSearchParams({ name: colour, code }).toString()}`}>
          <Trans>All of this colour</Trans>
        </Button>
      </Stack>
    </Box>
  );
}
