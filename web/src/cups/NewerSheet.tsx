import { Plural, Trans } from '@lingui/react/macro';
import { t } from '@lingui/core/macro';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useState } from 'react';
import { takeEdition } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { longDay } from '../kit/dates';
import { SheetChanges } from '../kit/SheetChanges';

/** The plan keeps the data sheet it was made with; a newer one is said, shown and taken only when asked. */
export function NewerSheet({ handle }: { handle: BenchHandle }) {
  const { sheets } = handle.bench;
  const [looking, setLooking] = useState(false);
  const used = handle.document.paintEdition ?? sheets.edition;
  if (used >= sheets.newest) {
    return null;
  }
  return (
    <Alert
      severity="info"
      variant="outlined"
      action={
        <Button color="inherit" onClick={() => setLooking(true)}>
          <Trans>What changed</Trans>
        </Button>
      }
    >
      <Trans>
        Planned with edition {used} of {sheets.name}. Edition {sheets.newest} is on the shelf
        {sheets.at === null ? '' : t`, since ${longDay(sheets.at)}`}.
      </Trans>
      {looking && (
        <Dialog open onClose={() => setLooking(false)} maxWidth="md">
          <DialogTitle>
            <Plural value={sheets.changes.length} one="# figure is different" other="# figures are different" />
          </DialogTitle>
          <DialogContent>
            <SheetChanges changes={sheets.changes} />
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setLooking(false)}>
              <Trans>Stay with edition {used}</Trans>
            </Button>
            <Button
              variant="contained"
              onClick={() => {
                setLooking(false);
                handle.change(takeEdition(handle.document, sheets.newest));
              }}
            >
              <Trans>Plan with edition {sheets.newest}</Trans>
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </Alert>
  );
}
