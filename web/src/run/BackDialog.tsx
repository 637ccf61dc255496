import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Stack, TextField } from '@mui/material';
import { useState } from 'react';

const REASONS = [t`Pressed too soon`, t`Missed a place`, t`Not dull after all`];

/** A step back is kept with its reason. */
export function BackDialog({ onBack, onClose }: { onBack: (reason: string) => void; onClose: () => void }) {
  const [text, setText] = useState('');
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="back-title">
      <DialogTitle id="back-title">
        <Trans>One step back: why?</Trans>
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        <Stack sx={{ gap: 1.5, pt: 0.5 }}>
          {REASONS.map((reason) => (
            <Button key={reason} variant="outlined" onClick={() => onBack(reason)}>
              {reason}
            </Button>
          ))}
          <TextField
            label={t`Another reason`}
            value={text}
            onChange={(e) => setText(e.target.value)}
            slotProps={{ htmlInput: { maxLength: 240 } }}
          />
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Stay here</Trans>
        </Button>
        <Button variant="contained" disabled={text.trim() === ''} onClick={() => onBack(text.trim())}>
          <Trans>Step back</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
