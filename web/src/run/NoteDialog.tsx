import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Chip, Dialog, DialogActions, DialogContent, DialogTitle, Stack, TextField } from '@mui/material';
import { useState } from 'react';
import type { RunStep } from '../api/types';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { tell } from '../language/tell';

/** Notes nobody has to type with gloves on. */
const TAPS = [t`Gun spat`, t`Dust in the air`, t`Ran short of paint`, t`Was called away`, t`Edge sprayed twice`];

/** A note by tap or typed, and what a cup really took. */
export function NoteDialog({
  step,
  onNote,
  onAmount,
  onClose,
}: {
  step: RunStep | undefined;
  onNote: (text: string) => void;
  onAmount: (cup: string, ml: number) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [ml, setMl] = useState<number | null>(null);
  const cup = step?.cup;
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="note-title">
      <DialogTitle id="note-title">
        <Trans>Note</Trans>
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        <Stack sx={{ gap: 2, pt: 0.5 }}>
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            {TAPS.map((tap) => (
              <Chip
                key={tap}
                label={tap}
                onClick={() => {
                  onNote(tap);
                  onClose();
                }}
                sx={{ height: 48, fontSize: '1rem' }}
              />
            ))}
          </Stack>
          <TextField
            label={t`In words`}
            value={text}
            onChange={(e) => setText(e.target.value)}
            slotProps={{ htmlInput: { maxLength: 500 } }}
            multiline
            fullWidth
          />
          {cup != null && (
            <MaybeQuantity
              label={t`What ${tell(cup.name)} really took`}
              value={ml}
              unit="ml"
              onCommit={setMl}
              width={300}
            />
          )}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Close</Trans>
        </Button>
        <Button
          variant="contained"
          disabled={text.trim() === '' && ml === null}
          onClick={() => {
            if (text.trim() !== '') {
              onNote(text.trim());
            }
            if (cup != null && ml !== null) {
              onAmount(cup.id, ml);
            }
            onClose();
          }}
        >
          <Trans>Keep it</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
