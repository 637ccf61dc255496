import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { BoothBefore } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { WhyFigure } from '../kit/Why';
import { tell } from '../language/tell';

/** Each coat with its minutes of spraying and of waiting. */
export function Flashes({ flashes }: { flashes: BoothBefore['flashes'] }) {
  const units = useUnits();
  return (
    <Box component="section" aria-label={t`Coats and waits`} sx={{ overflowX: 'auto', position: 'relative' }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Coats and waits</Trans>
      </Typography>
      <Table size="small" sx={{ maxWidth: 720 }}>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Coat</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>spraying</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>until it takes the next</Trans>
            </TableCell>
            <TableCell>
              <Trans>air over it</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {flashes.map((flash) => (
            <TableRow key={flash.coat}>
              <TableCell>{tell(flash.name)}</TableCell>
              <TableCell align="right">
                {formatQuantity({ value: Math.max(1, flash.spraying.value), unit: 'min' }, units)}
              </TableCell>
              <TableCell align="right">
                {flash.dries ? <WhyFigure figure={flash.wait} label={tell(flash.name)} /> : t`does not dry in this air`}
              </TableCell>
              <TableCell>{tell(flash.over)}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
