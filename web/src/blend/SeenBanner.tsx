import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  Typography,
  useTheme,
} from '@mui/material';
import type { Cure, Simulation } from '../api/types';
import { adoptSteps } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { NOTES } from '../kit/notes';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { phraseText } from '../kit/units';
import { WhyNote } from '../kit/Why';
import { Measure, Words } from '../kit/Words';
import { HowSure } from './HowSure';
import { useCures } from './useSimulation';

/** What will be seen once it is sprayed, part by part, and what would cure it. */
export function SeenBanner({
  handle,
  simulation,
  busy,
}: {
  handle: BenchHandle;
  simulation: Simulation;
  busy: boolean;
}) {
  return (
    <Box
      component="section"
      aria-label={t`What will be seen`}
      sx={{ mt: 2, pt: 2, borderTop: (t) => `1px solid ${t.tokens.line}`, opacity: busy ? 0.7 : 1 }}
    >
      <Typography variant="h3">
        <Trans>Once it is sprayed</Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1, mt: 0.5, mb: 1.25, alignItems: 'flex-start' }}>
        <Box sx={{ mt: 0.5 }}>
          <SeverityMark severity={simulation.seen ? 'look-out' : 'note'} size={18} />
        </Box>
        <Typography sx={{ fontSize: '1.1rem' }} data-testid="outlook">
          <Words phrase={simulation.says} />
        </Typography>
      </Stack>
      <HowSure simulation={simulation} />
      <Parts parts={simulation.parts} />
      {!simulation.measured && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 0.75 }}>
          <Trans>No card has been read: a colour an ordinary shade off is assumed.</Trans>
        </Typography>
      )}
      {/* Below coats that let light through the ground hides: their own number says nothing about the primer. */}
      {simulation.layer === null && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 0.75 }}>
          {simulation.hiding.coats === null ? (
            t`Eight coats do not hide this primer`
          ) : (
            <>
              <Trans>
                Hides this primer in <WhyNote of="hides">{simulation.hiding.coats.toFixed(1)} full coats</WhyNote>
              </Trans>
            </>
          )}
          <Trans>; grey {simulation.hiding.bestShade} under it is best.</Trans>
        </Typography>
      )}
      <Cures handle={handle} seen={simulation.seen} />
      <Box component="details" sx={{ mt: 1 }}>
        <summary>
          <Trans>By angle and distance</Trans>
        </summary>
        <Typography variant="body2" color="text.secondary">
          <Trans>
            Above 1 it is noticed from there: <WhyNote of="seen">how much is seen</WhyNote>.
          </Trans>
        </Typography>
        <VisibilityTable simulation={simulation} />
      </Box>
    </Box>
  );
}

/** Bars from nobody to just noticed and beyond. */
function Parts({ parts }: { parts: Simulation['parts'] }) {
  const { tokens } = useTheme();
  // Twice what is just noticed is seen by everybody.
  const most = 2;
  return (
    <Box
      role="group"
      aria-label={t`Part by part`}
      sx={{
        m: 0,
        display: 'grid',
        gridTemplateColumns: '72px 1fr 40px',
        columnGap: 1,
        rowGap: 0.75,
        alignItems: 'center',
      }}
    >
      {parts.map((p) => (
        <Box key={p.part} sx={{ display: 'contents' }}>
          <Typography variant="body2">{NOTES[p.part].title}</Typography>
          <Box sx={{ m: 0, position: 'relative', height: 16 }} aria-hidden="true">
            <Box sx={{ position: 'absolute', inset: '6px 0', backgroundColor: tokens.line }} />
            <Box
              sx={{
                position: 'absolute',
                top: 4,
                bottom: 4,
                left: 0,
                width: `${(100 * Math.min(p.index, most)) / most}%`,
                backgroundColor: p.index > 1 ? tokens.lookOut : tokens.ink,
              }}
            />
            <Box
              sx={{
                position: 'absolute',
                top: 0,
                bottom: 0,
                left: `${100 / most}%`,
                width: 2,
                backgroundColor: tokens.ink,
              }}
            />
          </Box>
          <Typography variant="body2" sx={{ m: 0, textAlign: 'right', fontWeight: p.index > 1 ? 700 : 400 }}>
            <WhyNote of={p.part}>{p.index.toFixed(2)}</WhyNote>
          </Typography>
        </Box>
      ))}
      <span />
      <Box sx={{ position: 'relative', height: 20, color: 'text.secondary', fontSize: '0.7rem' }} aria-hidden="true">
        <Box component="span" sx={{ position: 'absolute', left: 0 }}>
          <Trans>nobody</Trans>
        </Box>
        <Box
          component="span"
          sx={{ position: 'absolute', left: `${100 / most}%`, transform: 'translateX(-50%)', whiteSpace: 'nowrap' }}
        >
          <Trans>just noticed</Trans>
        </Box>
        <Box component="span" sx={{ position: 'absolute', right: -44, whiteSpace: 'nowrap' }}>
          <Trans>everybody</Trans>
        </Box>
      </Box>
      <span />
    </Box>
  );
}

function Cures({ handle, seen }: { handle: BenchHandle; seen: boolean }) {
  const units = useUnits();
  const cures = useCures(handle.bench.id, handle.document, seen);
  if (!seen || cures.data === undefined) {
    return null;
  }
  const take = (cure: Cure) =>
    handle.change(adoptSteps(handle.document, cure.sequence, phraseText(cure.says, units).replace(/[:.].*$/, '')));
  return (
    <Box component="section" aria-label={t`What would cure it`} sx={{ mt: 1 }}>
      <Typography variant="h3">
        <Trans>What would cure it</Trans>
      </Typography>
      {cures.data.length === 0 && (
        <Typography variant="body2">
          <Trans>Nothing that was tried. Tint nearer, or ask a neighbour in.</Trans>
        </Typography>
      )}
      {cures.data.map((cure) => (
        <Stack key={cure.says.plain} direction="row" sx={{ alignItems: 'center', gap: 1, mt: 0.5 }}>
          <Typography variant="body2" sx={{ flexGrow: 1 }}>
            <Words phrase={cure.says} />
          </Typography>
          <Button
            variant="outlined"
            aria-label={t`Take over: ${cure.says.plain}`}
            onClick={() => take(cure)}
            sx={{ flexShrink: 0 }}
          >
            <Trans>Take over</Trans>
          </Button>
        </Stack>
      ))}
    </Box>
  );
}

function VisibilityTable({ simulation }: { simulation: Simulation }) {
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Table
        size="small"
        aria-label={t`Visibility by angle and distance`}
        sx={{ mt: 1, '& td, & th': { px: 0.5, textAlign: 'right' } }}
      >
        <TableHead>
          <TableRow>
            <TableCell />
            {simulation.distances.map((d) => (
              <TableCell key={d}>
                <Measure of={{ value: d * 1000, unit: 'mm' }} />
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {simulation.table.map((row) => (
            <TableRow key={row.angle}>
              <TableCell component="th" scope="row">
                {row.angle}°
              </TableCell>
              {row.indices.map((v, i) => (
                <TableCell key={i} sx={{ fontWeight: v > 1 ? 700 : 400 }}>
                  {v.toFixed(1)}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
