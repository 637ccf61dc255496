import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import PrintIcon from '@mui/icons-material/PrintOutlined';
import { Box, Button, Table, TableBody, TableCell, TableRow, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { Mix } from '../api/types';
import { useGrams, useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { useNow } from '../kit/useNow';

const time = (iso: string): string => new Date(iso).toLocaleTimeString(undefined, { timeStyle: 'medium' });

/** A mix that is done or thrown away: the clock of its pot life, and everything that happened to it. */
export function Finished({ job, mix }: { job: string; mix: Mix }) {
  const weight = useGrams();
  const units = useUnits();
  const now = useNow(1000);
  const words: Record<string, string> = {
    take: t`taken`,
    recover: t`rest recomputed`,
    accept: t`taken as it was`,
    finish: t`finished`,
    discard: t`thrown away`,
  };
  return (
    <Box sx={{ maxWidth: 720 }}>
      <Typography sx={{ fontSize: '2rem', fontWeight: 680 }} role="status">
        {mix.discardedAt !== null ? <Trans>Thrown away</Trans> : <Trans>Mixed, {weight(mix.sum)}</Trans>}
      </Typography>
      {mix.potLifeUntil !== null && <PotLife until={mix.potLifeUntil} now={now} />}
      <Typography sx={{ my: 1 }}>
        <Trans>
          By {mix.by}; room {formatQuantity(mix.roomC, units)}, {formatQuantity(mix.humidity, units)}; plan version{' '}
          {mix.jobVersion}.
        </Trans>
      </Typography>
      {mix.finishedAt !== null && (
        <Button component={Link} to={`/jobs/${job}/labels?mix=${mix.id}`} variant="contained" startIcon={<PrintIcon />}>
          <Trans>Print its label</Trans>
        </Button>
      )}
      <Table size="small" aria-label={t`What happened`} sx={{ mt: 2 }}>
        <TableBody>
          {mix.events.map((event, i) => (
            <TableRow key={i}>
              <TableCell>{time(event.at)}</TableCell>
              <TableCell>
                {words[event.kind] ?? event.kind}
                {event.typed && <> {t`(typed)`}</>}
              </TableCell>
              <TableCell align="right">{event.grams === null ? '' : weight(event.grams)}</TableCell>
              <TableCell>{event.by}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

function PotLife({ until, now }: { until: string; now: number }) {
  const seconds = Math.round((Date.parse(until) - now) / 1000);
  const clock = `${Math.floor(Math.abs(seconds) / 60)}:${String(Math.abs(seconds) % 60).padStart(2, '0')}`;
  return (
    <Typography sx={{ fontSize: '3rem', fontWeight: 700, fontVariantNumeric: 'tabular-nums' }}>
      {seconds > 0 ? <Trans>{clock} left to spray it</Trans> : <Trans>Over by {clock}: do not spray it</Trans>}
    </Typography>
  );
}
