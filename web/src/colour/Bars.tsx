import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow, useTheme } from '@mui/material';
import type { AngleDifference } from '../api/types';
import { WhyNote } from '../kit/Why';
import { barScale, signed } from './numbers';

const ROWS = [
  { key: 'dL', name: t`lighter / darker`, more: t`lighter`, less: t`darker` },
  { key: 'dC', name: t`cleaner / dirtier`, more: t`cleaner`, less: t`dirtier` },
  { key: 'dH', name: t`hue`, more: t`turned one way`, less: t`turned the other way` },
] as const;

/** Signed bars, card minus car, for each angle; the same numbers stand in the cells, so it is its own table. */
export function Bars({
  angles,
  flop,
  lamp,
}: {
  angles: readonly AngleDifference[];
  flop: number | null;
  lamp: number | null;
}) {
  const { tokens } = useTheme();
  const most = barScale(angles);
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Differences at each angle`}>
      <Table
        size="small"
        sx={{
          '& td, & th': { borderBottom: 'none', textAlign: 'center', px: 0.5, py: 0.25 },
          '& th:first-of-type': { textAlign: 'left', width: 148 },
        }}
      >
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Card against car</Trans>
            </TableCell>
            {angles.map((a) => (
              <TableCell key={a.angle}>{a.angle}°</TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {ROWS.map((row) => (
            <TableRow key={row.key}>
              <TableCell component="th" scope="row" sx={{ fontWeight: 400 }}>
                {row.name}
              </TableCell>
              {angles.map((a) => {
                const value = a[row.key];
                const size = Math.min(1, Math.abs(value) / most) * 24;
                return (
                  <TableCell key={a.angle}>
                    <svg
                      viewBox="-40 -28 80 56"
                      width="100%"
                      height={40}
                      style={{ maxWidth: 120, display: 'block', margin: '0 auto' }}
                      aria-hidden="true"
                    >
                      <line x1={-22} x2={22} y1={0} y2={0} stroke={tokens.inkSoft} strokeWidth={1} />
                      <rect
                        x={-11}
                        width={22}
                        y={value > 0 ? -size : 0}
                        height={size}
                        fill={value > 0 ? tokens.raised : tokens.ink}
                        stroke={tokens.ink}
                        strokeWidth={1.5}
                      />
                    </svg>
                    {signed(value)}
                  </TableCell>
                );
              })}
            </TableRow>
          ))}
          <TableRow>
            <TableCell component="th" scope="row">
              <WhyNote of="difference">
                <strong>
                  <Trans>difference</Trans>
                </strong>
              </WhyNote>
            </TableCell>
            {angles.map((a) => (
              <TableCell key={a.angle}>
                <strong>{a.dE.toFixed(1)}</strong>
              </TableCell>
            ))}
          </TableRow>
        </TableBody>
      </Table>
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', mt: 1, fontSize: '0.93rem', color: 'text.secondary' }}>
        {flop !== null && (
          <span>
            <Trans>
              From face to flop <WhyNote of="flop">{signed(flop)}</WhyNote>
            </Trans>
          </span>
        )}
        {lamp !== null && (
          <span>
            <Trans>
              In warm lamp light <WhyNote of="lamp">{lamp.toFixed(1)}</WhyNote>
            </Trans>
          </span>
        )}
      </Box>
    </Box>
  );
}
