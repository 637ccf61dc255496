import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import type { Cup } from '../api/types';
import { useGrams, useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { tell } from '../language/tell';

const parts = (value: number): string => String(Math.round(value * 1000) / 1000);

/** What goes into a cup, one after the other, and what the scale shows then. */
export function Pours({ cup }: { cup: Cup }) {
  const units = useUnits();
  const weight = useGrams();
  const name = tell(cup.name);
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={t`Pours for ${name}`}>
      <Table size="small" aria-label={t`Pour into each ${name} cup`}>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Pour</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Parts</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Volume</Trans>
            </TableCell>
            <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
              <Trans>Scale shows</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {cup.pours.map((p) => (
            <TableRow key={p.component}>
              <TableCell>{tell(p.component)}</TableCell>
              <TableCell align="right">{parts(p.parts)}</TableCell>
              <TableCell align="right">{formatQuantity({ value: p.ml, unit: 'ml' }, units)}</TableCell>
              <TableCell align="right">
                <strong>{weight(p.cumulativeGrams)}</strong>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
