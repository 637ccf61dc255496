import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { ColourHistory, FormulaVersion } from '../api/types';
import { longDay } from '../kit/dates';
import { usePreferences } from '../kit/preferences';
import { formatGrams } from '../kit/units';

const SHOWN = 5;

const shares = (version: FormulaVersion) => new Map(version.toners.map((toner) => [toner.key, toner]));

/** How the formula went from version to version: a column each, the newest first, what changed in bold. */
export function FormulaVersions({ history }: { history: ColourHistory }) {
  const { weights } = usePreferences();
  const versions = history.formulas.slice(0, SHOWN);
  const passed = new Set(history.samples.filter((s) => s.passed).map((s) => s.formula));
  const plates = new Map(history.jobs.map((job) => [job.job, job.plate === '' ? job.label : job.plate]));
  const rows = [...new Map(versions.flatMap((v) => v.toners.map((toner) => [toner.key, toner.name] as const)))];
  const where = (number: number) => {
    const step = history.steps.find((s) => s.formula === number);
    return step === undefined ? undefined : plates.get(step.job);
  };
  return (
    <Box component="section" aria-label={t`The formula, version by version`}>
      <Typography variant="h2">
        <Trans>The formula, version by version</Trans>
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Table of the formula’s versions`}>
        <Table size="small" sx={{ width: 'auto' }}>
          <TableHead>
            <TableRow>
              <TableCell>
                <Trans>Toner</Trans>
              </TableCell>
              {versions.map((v) => (
                <TableCell key={v.number} align="right" sx={{ verticalAlign: 'top' }}>
                  <strong>
                    <Trans>Formula {v.number}</Trans>
                  </strong>
                  {passed.has(v.number) && (
                    <Box component="span" sx={{ display: 'block' }}>
                      <Trans>its card passed</Trans>
                    </Box>
                  )}
                  <Box component="span" sx={{ display: 'block', fontWeight: 400 }}>
                    {v.at === null ? <Trans>from the shelf</Trans> : longDay(v.at)}
                    {v.by !== null && `, ${v.by}`}
                    {where(v.number) !== undefined && `, ${where(v.number)}`}
                  </Box>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map(([key, name]) => (
              <TableRow key={key}>
                <TableCell component="th" scope="row">
                  {name}
                </TableCell>
                {versions.map((v, i) => {
                  const grams = shares(v).get(key)?.grams;
                  const before = versions[i + 1];
                  const was = before === undefined ? grams : shares(before).get(key)?.grams;
                  return (
                    <TableCell
                      key={v.number}
                      align="right"
                      sx={{ fontWeight: was === grams ? 400 : 700, whiteSpace: 'nowrap' }}
                    >
                      {grams === undefined ? '' : formatGrams(grams, weights)}
                    </TableCell>
                  );
                })}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
    </Box>
  );
}
