import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, FormHelperText, InputAdornment, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { usePreferences } from '../kit/preferences';
import { formatGrams, parseGrams } from '../kit/units';
import { NewTonerDialog } from './NewTonerDialog';
import type { Line } from './toners';

/** No toner: the wish for one that is not on the bench yet. */
const ANOTHER = '+';

/** A formula line by line: which toner, how much. Enter begins the next line. */
export function TonerLines({
  title,
  help,
  lines,
  toners,
  onLines,
  fault,
}: {
  title: string;
  help?: string;
  lines: readonly Line[];
  toners: readonly { key: string; name: string }[];
  onLines: (lines: Line[]) => void;
  fault?: string | undefined;
}) {
  const { weights } = usePreferences();
  const [naming, setNaming] = useState<number | null>(null);
  const set = (i: number, change: Partial<Line>) =>
    onLines(lines.map((line, k) => (k === i ? { ...line, ...change } : line)));
  const add = () => onLines([...lines, { toner: '', typed: '' }]);
  const sum = lines.reduce((all, line) => all + (parseGrams(line.typed, weights) ?? 0), 0);
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2">{title}</Typography>
      {help !== undefined && (
        <Typography variant="body2" color="text.secondary">
          {help}
        </Typography>
      )}
      <Stack sx={{ gap: 1.5, mt: 1.5 }}>
        {lines.map((line, i) => (
          <Stack key={i} direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
            <TextField
              select
              size="small"
              label={t`Toner ${i + 1}`}
              value={line.toner}
              onChange={(e) => (e.target.value === ANOTHER ? setNaming(i) : set(i, { toner: e.target.value }))}
              sx={{ width: 230 }}
            >
              {toners.map((toner) => (
                <MenuItem key={toner.key} value={toner.key}>
                  {toner.name}
                </MenuItem>
              ))}
              <MenuItem value={ANOTHER}>{t`Another toner …`}</MenuItem>
            </TextField>
            <TextField
              size="small"
              label={t`Amount ${i + 1}`}
              value={line.typed}
              error={line.typed.trim() !== '' && parseGrams(line.typed, weights) === null}
              onChange={(e) => set(i, { typed: e.target.value })}
              onKeyDown={(e) => {
                if (e.key === 'Enter' && i === lines.length - 1) {
                  add();
                }
              }}
              slotProps={{
                input: { endAdornment: <InputAdornment position="end">{weights}</InputAdornment> },
                htmlInput: { inputMode: 'decimal' },
              }}
              sx={{ width: 150 }}
            />
            <Button
              onClick={() => onLines(lines.filter((_, k) => k !== i))}
              aria-label={t`Take toner ${i + 1} out of ${title}`}
            >
              <Trans>Take out</Trans>
            </Button>
          </Stack>
        ))}
        <Stack direction="row" sx={{ gap: 2, alignItems: 'center' }}>
          <Button variant="outlined" onClick={add} aria-label={t`Add a toner: ${title}`}>
            <Trans>Add a toner</Trans>
          </Button>
          {sum > 0 && (
            <Typography>
              <Trans>{formatGrams(sum, weights)} in all</Trans>
            </Typography>
          )}
        </Stack>
        {fault !== undefined && <FormHelperText error>{fault}</FormHelperText>}
      </Stack>
      {naming !== null && (
        <NewTonerDialog
          onClose={() => setNaming(null)}
          onMade={(toner) => {
            set(naming, { toner });
            setNaming(null);
          }}
        />
      )}
    </Box>
  );
}
