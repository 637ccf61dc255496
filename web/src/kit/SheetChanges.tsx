import { Trans } from '@lingui/react/macro';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import type { SheetChange } from '../api/types';

/** What a newer data sheet says otherwise, figure by figure. */
export function SheetChanges({ changes }: { changes: readonly SheetChange[] }) {
  return (
    <Table size="small">
      <TableHead>
        <TableRow>
          <TableCell>
            <Trans>Product</Trans>
          </TableCell>
          <TableCell>
            <Trans>Figure</Trans>
          </TableCell>
          <TableCell>
            <Trans>was</Trans>
          </TableCell>
          <TableCell>
            <Trans>is now</Trans>
          </TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {changes.map((c, i) => (
          <TableRow key={i}>
            <TableCell>{c.what}</TableCell>
            <TableCell>{c.figure}</TableCell>
            <TableCell>{c.was === '' ? '–' : c.was}</TableCell>
            <TableCell>{c.is === '' ? '–' : c.is}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
