import { Box, Button, LinearProgress, Stack, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { useShelf } from '../api/queries';
import type { JobDocument } from '../api/types';
import { adoptBlend, setSchool } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { SeverityMark } from '../kit/SeverityMark';
import { Measure, Words } from '../kit/Words';
import { bySense } from './picture';
import { useSchools } from './useSimulation';

type SchoolKey = JobDocument['plan']['school'];

/** Every school simulated for this very repair, best first; one tap adopts it. */
export function Schools({ handle }: { handle: BenchHandle }) {
  const document = handle.bench.document;
  const shelf = useShelf();
  const schools = shelf.data?.schools ?? [];
  const { rows, waiting } = useSchools(handle.bench.id, document, schools, schools.length > 0);
  const smallest = useMutation({ mutationFn: () => unwrap(api.POST('/api/jobs/{job}/smallest', { params: { path: { job: handle.bench.id } }, body: { document } })) });
  const found = smallest.data?.found;
  return (
    <Box component="section" aria-label="Schools side by side">
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>Schools side by side</Typography>
        <Button variant="outlined" disabled={smallest.isPending} onClick={() => smallest.mutate()}>{smallest.isPending ? 'Searching' : 'Find the smallest blend'}</Button>
      </Stack>
      {smallest.isSuccess && found === null && <Typography role="status" sx={{ mb: 1.5 }}>No school hides this difference. Tint first.</Typography>}
      {found != null && (
        <Stack direction="row" role="status" sx={{ gap: 2, alignItems: 'center', mb: 1.5, flexWrap: 'wrap' }}>
          <Typography sx={{ flexGrow: 1 }}><strong>{found.name}</strong>, drawn in: {found.panels} {found.panels === 1 ? 'panel' : 'panels'}, <Measure of={found.paint} />, <Measure of={found.minutes} />. <Words phrase={found.says} /></Typography>
          <Button variant="contained" onClick={() => { handle.change(adoptBlend(document, found.school as SchoolKey, found.name, found.reaches)); smallest.reset(); }}>Adopt it</Button>
        </Stack>
      )}
      {waiting > 0 && <LinearProgress variant="determinate" value={(100 * rows.length) / Math.max(1, schools.length)} aria-label="Schools simulated" sx={{ mb: 1 }} />}
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Table of schools">
        <Table size="small">
          <TableHead><TableRow><TableCell>School</TableCell><TableCell>What is seen of it</TableCell><TableCell align="right">Panels</TableCell><TableCell align="right">Paint</TableCell><TableCell align="right">In the booth</TableCell><TableCell /></TableRow></TableHead>
          <TableBody>
            {[...rows].sort(bySense).map((s) => {
              const mine = s.key === document.plan.school;
              return (
                <TableRow key={s.key} selected={mine}>
                  <TableCell sx={{ minWidth: 190 }}><strong>{s.name}</strong><Typography variant="body2" color="text.secondary">Main risk: {s.risk}.</Typography></TableCell>
                  <TableCell sx={{ minWidth: 210 }}>
                    <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
                      {s.seen && <Box sx={{ mt: 0.25 }}><SeverityMark severity="look-out" size={15} /></Box>}
                      <span><Words phrase={s.says} /> <Box component="span" sx={{ color: 'text.secondary' }}><Words phrase={s.thumb} /></Box></span>
                    </Stack>
                  </TableCell>
                  <TableCell align="right">{s.panels}</TableCell>
                  <TableCell align="right"><Measure of={s.paint} /></TableCell>
                  <TableCell align="right"><Measure of={s.minutes} /></TableCell>
                  <TableCell align="right">{mine ? 'chosen' : <Button variant="outlined" aria-label={`Adopt ${s.name}`} onClick={() => handle.change(setSchool(document, s.key as SchoolKey, s.name))}>Adopt</Button>}</TableCell>
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </Box>
    </Box>
  );
}
