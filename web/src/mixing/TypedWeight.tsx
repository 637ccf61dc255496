import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Stack, TextField } from '@mui/material';
import { useState } from 'react';
import { usePreferences } from '../kit/preferences';
import { parseGrams } from '../kit/units';

/** Where the scale cannot tell: what it shows, typed. */
export function TypedWeight({ onTake, busy }: { onTake: (grams: number) => void; busy: boolean }) {
  const { weights } = usePreferences();
  const [typed, setTyped] = useState('');
  const grams = parseGrams(typed, weights);
  const bad = typed.trim() !== '' && (grams === null || grams < 0);
  const take = () => {
    if (grams !== null && grams >= 0) {
      onTake(grams);
      setTyped('');
    }
  };
  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
      <TextField
        label={t`or type what it shows`}
        value={typed}
        error={bad}
        helperText={bad ? t`Type a weight, like 120.` : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            take();
          }
          event.stopPropagation();
        }}
        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        sx={{ width: 210 }}
      />
      <Button variant="outlined" disabled={busy || grams === null || bad} onClick={take} sx={{ minHeight: 56 }}>
        <Trans>Take this</Trans>
      </Button>
    </Stack>
  );
}
