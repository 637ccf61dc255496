import { Box, Stack, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { Simulation } from '../api/types';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyFigure } from '../kit/Why';
import { Measure, Words } from '../kit/Words';

const SURE: Record<Simulation['certainty'], string> = { sure: 'Sure', likely: 'Likely', doubtful: 'Doubtful' };

/** What will be seen once it is sprayed, how sure that is, and the room that is really needed. */
export function SeenBanner({ simulation, busy }: { simulation: Simulation; busy: boolean }) {
  return (
    <Box component="section" aria-label="What will be seen" sx={{ mt: 2, pt: 2, borderTop: (t) => `1px solid ${t.tokens.line}`, opacity: busy ? 0.7 : 1 }}>
      <Typography variant="h3">Once it is sprayed</Typography>
      <Stack direction="row" sx={{ gap: 1, mt: 0.5, alignItems: 'flex-start' }}>
        <Box sx={{ mt: 0.25 }}><SeverityMark severity={simulation.seen ? 'look-out' : 'note'} size={18} /></Box>
        <Typography data-testid="outlook"><Words phrase={simulation.says} /></Typography>
      </Stack>
      <Typography variant="body2" sx={{ mt: 0.75 }}>
        {SURE[simulation.certainty]}: {simulation.low.toFixed(1)} to {simulation.high.toFixed(1)} over the spread of what is not known; 1 is just noticed.
        {!simulation.measured && ' No card has been read: a colour 2 L* off is assumed.'}
      </Typography>
      <Typography variant="body2" sx={{ mt: 0.75 }}>
        {simulation.need === null ? 'No length of this blend hides it.' : <>Fade length needed <WhyFigure figure={simulation.need} label="Fade length needed" strong /></>}
      </Typography>
      <Typography variant="body2" sx={{ mt: 0.75 }}>
        Beside the fade: mottle {simulation.mottle.toFixed(1)}, stripes {simulation.banding.toFixed(1)}; primer shines through by <Measure of={simulation.primerShows} />. The old finish is back to 10% at <Measure of={simulation.reach10} />, to 90% at <Measure of={simulation.reach90} />.
      </Typography>
      <Table size="small" aria-label="Visibility by angle and distance" sx={{ mt: 1, '& td, & th': { px: 0.5, textAlign: 'right' } }}>
        <TableHead><TableRow><TableCell />{simulation.distances.map((d) => <TableCell key={d}><Measure of={{ value: d * 1000, unit: 'mm' }} /></TableCell>)}</TableRow></TableHead>
        <TableBody>
          {simulation.table.map((row) => (
            <TableRow key={row.angle}>
              <TableCell component="th" scope="row">{row.angle}°</TableCell>
              {row.indices.map((v, i) => <TableCell key={i} sx={{ fontWeight: v > 1 ? 700 : 400 }}>{v.toFixed(1)}</TableCell>)}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
