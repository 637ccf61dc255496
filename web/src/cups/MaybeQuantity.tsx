import { t } from '@lingui/core/macro';
import { InputAdornment, TextField } from '@mui/material';
import { useState } from 'react';
import { useUnits } from '../kit/preferences';
import { formatQuantity, numberFor, parseQuantity, unitSymbol } from '../kit/units';

interface Props {
  label: string;
  /** what the measure is of, for who only hears the label */
  of: string;
  /** in the base unit; null: nothing was said */
  value: number | null;
  unit: string;
  error?: string | undefined;
  onCommit: (value: number | null) => void;
}

/** A measure that may be left empty. Commits on Enter and on leaving. */
export function MaybeQuantity({ label, of, value, unit, error, onCommit }: Props) {
  const system = useUnits();
  const shown = value === null ? '' : numberFor(value, unit, system);
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? shown;
  const parsed = text.trim() === '' ? null : parseQuantity(text, unit, system);
  const unreadable = text.trim() !== '' && parsed === null;
  const commit = () => {
    if (typed === null || unreadable) {
      return;
    }
    if (typed !== shown) {
      onCommit(parsed);
    }
    setTyped(null);
  };
  const message = unreadable ? t`Type a number, like ${formatQuantity({ value: 50, unit }, system)}.` : error;
  return (
    <TextField
      label={label}
      value={text}
      placeholder="–"
      error={message !== undefined}
      helperText={message}
      onChange={(event) => setTyped(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          commit();
        } else if (event.key === 'Escape') {
          setTyped(null);
        }
        event.stopPropagation();
      }}
      slotProps={{
        inputLabel: { shrink: true },
        input: { endAdornment: <InputAdornment position="end">{unitSymbol(unit, system)}</InputAdornment> },
        htmlInput: { inputMode: system === 'us' ? 'text' : 'decimal', 'aria-label': of },
      }}
      sx={{ width: 150 }}
    />
  );
}
