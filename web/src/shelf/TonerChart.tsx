import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Table, TableBody, TableCell, TableRow, Typography, useTheme } from '@mui/material';
import type { TonerFit } from '../api/types';
import { WhyNote } from '../kit/Why';

const W = 340;
const H = 150;
/** What reads as "they belong together": a card further off was labelled or read wrongly. */
const DOUBTFUL = 1;

/** What the cards say: absorption and scattering over the spectrum, and how well each card is met. */
export function TonerChart({ fit, flake }: { fit: TonerFit; flake: boolean }) {
  const { palette } = useTheme();
  const most = Math.max(...fit.k, ...fit.s, 1e-6);
  const path = (values: readonly number[], top: number) =>
    values
      .map((v, i) => `${i === 0 ? 'M' : 'L'}${((i / 30) * W).toFixed(1)} ${(H - (v / top) * (H - 8)).toFixed(1)}`)
      .join('');
  const tintTop = Math.max(...fit.tint, 1e-6);
  return (
    <Stack component="section" aria-label={t`What the cards say`} sx={{ gap: 1.5 }}>
      <Typography variant="h2">
        <Trans>What the cards say</Trans>
      </Typography>
      <Box
        component="svg"
        viewBox={`0 0 ${W} ${H + 18}`}
        role="img"
        aria-label={
          flake
            ? t`Light thrown back, 400 to 700 nm`
            : t`Absorption and scattering, 400 to 700 nm; the most is ${most.toFixed(2)}`
        }
        sx={{ width: '100%', display: 'block' }}
      >
        <path d={`M0 ${H}H${W}`} stroke={palette.divider} fill="none" />
        {flake ? (
          <path d={path(fit.tint, tintTop)} stroke={palette.primary.main} strokeWidth={2.5} fill="none" />
        ) : (
          <>
            <path d={path(fit.k, most)} stroke={palette.text.primary} strokeWidth={2.5} fill="none" />
            <path
              d={path(fit.s, most)}
              stroke={palette.primary.main}
              strokeWidth={2.5}
              strokeDasharray="7 4"
              fill="none"
            />
          </>
        )}
        {[400, 500, 600, 700].map((nm) => (
          <text
            key={nm}
            x={((nm - 400) / 300) * W}
            y={H + 15}
            fontSize={12}
            fill={palette.text.secondary}
            textAnchor={nm === 400 ? 'start' : nm === 700 ? 'end' : 'middle'}
          >
            {nm}
          </text>
        ))}
      </Box>
      <Typography variant="body2">
        {flake ? (
          <Trans>
            Graded {fit.grade}; at the face it throws {fit.strength.toFixed(1)} times a perfect white
            {fit.areaKnown ? t`; a gram covers ${fit.area.toFixed(2)} times the usual medium aluminium.` : '.'}
          </Trans>
        ) : (
          <Trans>Full line: absorption. Dashed: scattering. The white of the paint scatters 1.</Trans>
        )}
      </Typography>
      {flake && !fit.areaKnown && (
        <Typography variant="body2" color="text.secondary">
          <Trans>How much a gram covers is taken as usual: a panel with black would tell.</Trans>
        </Typography>
      )}
      {!flake && fit.residuals.length === 2 && (
        <Typography variant="body2" color="text.secondary">
          <Trans>Two cards are always met. A third tells whether they belong together.</Trans>
        </Typography>
      )}
      <Table size="small">
        <TableBody>
          {fit.residuals.map((r, i) => (
            <TableRow key={i}>
              <TableCell>{r.card}</TableCell>
              <TableCell align="right">
                <WhyNote of="tonerFit">ΔE00 {r.dE.toFixed(2)}</WhyNote>
              </TableCell>
              <TableCell>
                {r.dE > DOUBTFUL ? <Trans>does not belong to the others</Trans> : <Trans>met</Trans>}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Stack>
  );
}
