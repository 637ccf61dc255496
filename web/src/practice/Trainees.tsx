import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import { longDay } from '../kit/dates';
import { useUnits } from '../kit/preferences';
import { phraseText } from '../kit/units';
import { usePeople } from './usePractice';

/** How far everybody of the workshop has come; only the lead sees it. */
export function Trainees() {
  const units = useUnits();
  const people = usePeople(true).data ?? [];
  const skills = people[0]?.skills ?? [];
  return (
    <Box component="section" aria-label={t`Everybody`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>Everybody</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        <Trans>Good tries in a row, and the best score; a dash: not tried.</Trans>
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`How far everybody has come`}>
        <Table size="small">
          <TableHead>
            <TableRow>
              <TableCell>
                <Trans>Skill</Trans>
              </TableCell>
              {people.map((p) => (
                <TableCell key={p.name}>
                  {p.name}
                  <Typography variant="body2" color="text.secondary">
                    {p.last === null ? t`not yet` : longDay(p.last)}
                  </Typography>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {skills.map((skill, i) => (
              <TableRow key={skill.skill}>
                <TableCell component="th" scope="row">
                  {phraseText(skill.words, units)}
                </TableCell>
                {people.map((p) => {
                  const one = p.skills[i];
                  return (
                    <TableCell key={p.name}>
                      {one === undefined || one.best === null ? '–' : t`${one.streak} in a row, best ${one.best}`}
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
