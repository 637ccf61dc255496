import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import type { LogRow } from '../api/types';
import { longDay } from '../kit/dates';
import { SeverityMark } from '../kit/SeverityMark';
import { useUnits } from '../kit/preferences';
import { phraseText } from '../kit/units';
import { Measure } from '../kit/Words';

/** One car: its colour, how it was blended, what became of it, and what was learned. */
export function LogLine({ row, school, children }: { row: LogRow; school: string; children?: ReactNode }) {
  const units = useUnits();
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '3fr 4fr 3fr' },
        columnGap: 2,
        borderBottom: (th) => `1px solid ${th.tokens.line}`,
        py: 1,
      }}
    >
      <Box>
        <Button
          component={RouterLink}
          to={`/jobs/${row.job}/look-back`}
          sx={{ px: 0, my: -1.25, justifyContent: 'flex-start' }}
        >
          {row.label} {row.plate}
        </Button>
        <Typography variant="body2" color="text.secondary">
          {longDay(row.opened)}
          {row.painter !== '' && `, ${row.painter}`}
        </Typography>
      </Box>
      <Box>
        <Typography>
          {row.colour}{' '}
          <Typography component="span" variant="body2">
            {row.code}
          </Typography>
        </Typography>
        <Typography variant="body2">
          {school};{' '}
          <Trans>
            blended over <Measure of={row.blend} />
          </Trans>
          {row.minutesReal !== null && row.minutesPlanned !== null && (
            <>
              ;{' '}
              <Trans>
                <Measure of={row.minutesReal} /> in the booth, planned <Measure of={row.minutesPlanned} />
              </Trans>
            </>
          )}
        </Typography>
      </Box>
      <Box>
        <Stack direction="row" sx={{ gap: 0.75, alignItems: 'center' }}>
          {(row.redo || row.looked === 'seen') && <SeverityMark severity="look-out" size={18} />}
          <Typography>
            {row.redo ? (
              <Trans>done again</Trans>
            ) : row.looked === 'seen' ? (
              <Trans>seen: {row.defects.map((d) => phraseText(d, units)).join(', ')}</Trans>
            ) : row.looked === 'clean' ? (
              <Trans>nothing seen</Trans>
            ) : row.delivered !== null ? (
              <Trans>delivered {longDay(row.delivered)}</Trans>
            ) : (
              <Trans>not looked at yet</Trans>
            )}
          </Typography>
        </Stack>
        {row.lesson !== '' && <Typography variant="body2">{row.lesson}</Typography>}
      </Box>
      {children}
    </Box>
  );
}
