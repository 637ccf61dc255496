import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import PrintIcon from '@mui/icons-material/PrintOutlined';
import {
  Box,
  Button,
  Skeleton,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMixes } from '../api/queries';
import type { Mix } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { useGrams } from '../kit/preferences';
import { useNow } from '../kit/useNow';
import { Failed } from '../kit/States';
import { tell } from '../language/tell';

const FEW = 6;

/** What was weighed for this job: who, when, and how long it still lives. */
export function Mixes({ handle }: { handle: BenchHandle }) {
  const mixes = useMixes(handle.bench.id);
  const [all, setAll] = useState(false);
  const now = useNow(20_000);
  const rows = mixes.data ?? [];
  return (
    <Box component="section" aria-label={t`Weighed for this job`}>
      <Stack direction="row" sx={{ gap: 2, alignItems: 'center', mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          <Trans>Weighed for this job</Trans>
        </Typography>
        {rows.some((mix) => mix.finishedAt !== null) && (
          <Button variant="outlined" startIcon={<PrintIcon />} component={Link} to={`/jobs/${handle.bench.id}/labels`}>
            <Trans>Labels</Trans>
          </Button>
        )}
      </Stack>
      {mixes.isPending && <Skeleton variant="rounded" height={60} />}
      {mixes.isError && <Failed error={mixes.error} retry={() => void mixes.refetch()} />}
      {mixes.data !== undefined && rows.length === 0 && (
        <Typography color="text.secondary">
          <Trans>Nothing yet. Every weighing is kept here with who, when, formula, batch and the room.</Trans>
        </Typography>
      )}
      {rows.length > 0 && (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={t`Mixes`}>
          <Table size="small" aria-label={t`Mixes`}>
            <TableHead>
              <TableRow>
                <TableCell>
                  <Trans>Mix</Trans>
                </TableCell>
                <TableCell align="right">
                  <Trans>In the cup</Trans>
                </TableCell>
                <TableCell>
                  <Trans>By, at</Trans>
                </TableCell>
                <TableCell>
                  <Trans>State</Trans>
                </TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {(all ? rows : rows.slice(0, FEW)).map((mix) => (
                <Row key={mix.id} mix={mix} job={handle.bench.id} now={now} />
              ))}
            </TableBody>
          </Table>
        </Box>
      )}
      {rows.length > FEW && !all && (
        <Button onClick={() => setAll(true)}>
          <Trans>Show all {rows.length}</Trans>
        </Button>
      )}
    </Box>
  );
}

function Row({ mix, job, now }: { mix: Mix; job: string; now: number }) {
  const weight = useGrams();
  const at = new Date(mix.at).toLocaleString(undefined, { dateStyle: 'short', timeStyle: 'short' });
  return (
    <TableRow>
      <TableCell>
        <Box
          component={Link}
          to={`/jobs/${job}/weigh/${mix.id}`}
          sx={{ display: 'inline-flex', alignItems: 'center', minHeight: (theme) => theme.target, color: 'inherit' }}
        >
          {tell(mix.name)}
        </Box>
        {mix.formula !== null && <> {t`formula ${mix.formula}`}</>}
        {mix.batch !== '' && <>, {mix.batch}</>}
      </TableCell>
      <TableCell align="right">{weight(mix.sum)}</TableCell>
      <TableCell>
        {mix.by}, {at}
      </TableCell>
      <TableCell>{stateOf(mix, now)}</TableCell>
    </TableRow>
  );
}

function stateOf(mix: Mix, now: number): string {
  if (mix.discardedAt !== null) {
    return t`thrown away`;
  }
  if (mix.finishedAt === null) {
    return t`on the scale`;
  }
  if (mix.potLifeUntil === null) {
    return t`mixed`;
  }
  const left = Math.floor((Date.parse(mix.potLifeUntil) - now) / 60_000);
  return left > 0 ? t`lives ${left} min more` : t`pot life is over`;
}
