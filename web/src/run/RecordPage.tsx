import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, unwrap } from '../api/client';
import type { RunRecord } from '../api/types';
import { longDay } from '../kit/dates';
import { Paper } from '../kit/Paper';
import { useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { formatQuantity, phraseText } from '../kit/units';
import { tell } from '../language/tell';

const time = (ms: number | null): string =>
  ms === null
    ? ''
    : new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(new Date(ms));

/** What really happened, on one page that prints. */
export function RecordPage() {
  const { id = '', run = '' } = useParams();
  const record = useQuery({
    queryKey: ['job', id, 'runs', run, 'record'],
    queryFn: () =>
      unwrap(
        api.GET('/api/jobs/{job}/runs/{run}/record', { params: { path: { job: id, run }, query: { format: 'json' } } }),
      ),
    // What a tablet still has to send belongs to it.
    refetchInterval: (query) => (query.state.data?.finished === true ? false : 2500),
  });
  if (record.isError) {
    return <Failed error={record.error} retry={() => void record.refetch()} />;
  }
  return record.data === undefined ? <Loading what={t`the record`} /> : <Sheet record={record.data} />;
}

function Sheet({ record }: { record: RunRecord }) {
  const units = useUnits();
  const file = `/api/jobs/${record.job}/runs/${record.id}/record`;
  return (
    <Paper
      back={`/jobs/${record.job}/booth`}
      backWords={t`Back to the booth`}
      choices={
        <>
          <Button component="a" href={`${file}?format=csv`} download>
            <Trans>As a table (CSV)</Trans>
          </Button>
          <Button component="a" href={file} download="run.json">
            <Trans>As a file (JSON)</Trans>
          </Button>
        </>
      }
    >
      <title>{t`Record, ${record.label} ${record.plate}, Kalopsis`}</title>
      <Typography variant="h1" sx={{ fontSize: '18pt' }}>
        <Trans>In the booth</Trans>: {record.label} {record.plate}
      </Typography>
      <Typography sx={{ fontWeight: 640 }}>
        {record.colour}, {record.system}
        {record.begunMs !== null && `; ${longDay(record.begunMs)}, ${time(record.begunMs)}`}; {record.by}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {record.finished ? (
          <Trans>All done in {Math.round(record.minutes ?? 0)} min.</Trans>
        ) : (
          <Trans>Not finished yet.</Trans>
        )}{' '}
        <Air record={record} />
      </Typography>
      <Table size="small" sx={{ '& td, & th': { fontSize: '9.5pt', px: 0.75, py: 0.4 } }}>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Step</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>waited (plan), min</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>took (plan), min</Trans>
            </TableCell>
            <TableCell>
              <Trans>from, to</Trans>
            </TableCell>
            <TableCell>
              <Trans>who</Trans>
            </TableCell>
            <TableCell>
              <Trans>said</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {record.lines.map((line) => (
            <TableRow key={line.step}>
              <TableCell>
                {line.put && '+ '}
                {line.name === null ? line.step : phraseText(line.name, units)}
                {line.cup !== null && `, ${formatQuantity(line.cup.ml, units)}`}
                {line.reach !== null && `, ${formatQuantity(line.reach, units)}`}
              </TableCell>
              <TableCell align="right">
                {line.waitPlanned !== null &&
                  `${line.waited === null ? '\u2013' : line.waited.toFixed(1)} (${line.waitPlanned.toFixed(1)})`}
              </TableCell>
              <TableCell align="right">
                {line.minutes === null ? '\u2013' : line.minutes.toFixed(1)} ({line.minutesPlanned.toFixed(1)})
              </TableCell>
              <TableCell>
                {time(line.begunMs)} {line.doneMs !== null && `\u2013 ${time(line.doneMs)}`}
              </TableCell>
              <TableCell>{line.by}</TableCell>
              <TableCell>{SAID[line.answer] ?? ''}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {record.told.length > 0 && (
        <Box component="section" aria-label={t`What was said`} sx={{ mt: 1.5 }}>
          <Typography variant="h2" sx={{ fontSize: '12pt' }}>
            <Trans>What was said</Trans>
          </Typography>
          {record.told.map((told, i) => (
            <Typography key={i} sx={{ fontSize: '10pt' }}>
              {time(told.ms)} {told.by}: <Said record={record} told={told} />
            </Typography>
          ))}
        </Box>
      )}
      <Typography sx={{ mt: 1.5, fontSize: '9pt' }}>
        <Trans>
          Lines with + were put in during the run. Planned by calculation; data sheets, safety data sheets and local
          rules decide.
        </Trans>
      </Typography>
    </Paper>
  );
}

const SAID: Record<string, string> = {
  clean: t`rag clean`,
  dust: t`dust on the rag`,
  even: t`covered, even`,
  'not-even': t`not covered`,
  matches: t`card matches`,
  off: t`card is off`,
  stopped: t`stopped`,
};

function Air({ record }: { record: RunRecord }) {
  const units = useUnits();
  const { temperatureC, humidityPercent } = record.climate;
  const [cold, hot] = temperatureC ?? [];
  const [dry, humid] = humidityPercent ?? [];
  if (cold === undefined || hot === undefined || dry === undefined || humid === undefined) {
    return <Trans>The air stayed as planned.</Trans>;
  }
  return (
    <Trans>
      The air: {formatQuantity({ value: cold, unit: 'degC' }, units)} to{' '}
      {formatQuantity({ value: hot, unit: 'degC' }, units)}, {Math.round(dry)} to {Math.round(humid)} %.
    </Trans>
  );
}

function Said({ record, told }: { record: RunRecord; told: RunRecord['told'][number] }) {
  const units = useUnits();
  const { body } = told;
  switch (told.kind) {
    case 'wrong': {
      const defect = record.defects.find((d) => d.key === body.defect);
      const remedy = defect?.remedies.find((r) => r.key === body.remedy);
      return (
        <>
          {defect === undefined ? (body.defect ?? '') : phraseText(defect.name, units)}:{' '}
          {remedy === undefined ? '' : phraseText(remedy.name, units)}
        </>
      );
    }
    case 'back':
      return <Trans>one step back: {body.reason ?? ''}</Trans>;
    case 'wait':
      return <Trans>waited {body.minutes ?? 0} min longer</Trans>;
    case 'pause':
      return <Trans>paused</Trans>;
    case 'resume':
      return <Trans>went on</Trans>;
    case 'amount':
      return (
        <Trans>
          {body.cup ?? ''} took {formatQuantity({ value: body.ml ?? 0, unit: 'ml' }, units)}
        </Trans>
      );
    case 'done':
      return <>{SAID[body.answer ?? ''] ?? tell(body.answer ?? '')}</>;
    default:
      return <>{body.text ?? ''}</>;
  }
}
