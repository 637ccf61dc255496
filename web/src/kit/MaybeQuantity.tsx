import { t } from '@lingui/core/macro';
import { InputAdornment, TextField } from '@mui/material';
import { useState } from 'react';
import { useUnits } from './preferences';
import { formatQuantity, numberFor, parseQuantity, unitSymbol } from './units';

interface Props {
  label: string;
  /** what the measure is of, for who only hears the label */
  of?: string;
  /** in the base unit; null: nothing was said */
  value: number | null;
  unit: string;
  error?: string | undefined;
  onCommit: (value: number | null) => void;
  /** Nothing typed is no answer. */
  required?: boolean;
  width?: number;
  disabled?: boolean;
}

/**
 * A measure typed in the reader's own units, or in any unit written behind it ("4 1/2 in"); it may be left empty where it is
 * not required. Commits on Enter and on leaving.
 */
export function MaybeQuantity({
  label,
  of,
  value,
  unit,
  error,
  onCommit,
  required = false,
  width = 150,
  disabled = false,
}: Props) {
  const system = useUnits();
  const shown = value === null ? '' : numberFor(value, unit, system);
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? shown;
  const parsed = text.trim() === '' ? null : parseQuantity(text, unit, system);
  const unreadable = typed !== null && parsed === null && (required || typed.trim() !== '');
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
      placeholder={required ? undefined : '–'}
      disabled={disabled}
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
        ...(required ? {} : { inputLabel: { shrink: true } }),
        input: { endAdornment: <InputAdornment position="end">{unitSymbol(unit, system)}</InputAdornment> },
        htmlInput: {
          inputMode: system === 'us' ? 'text' : 'decimal',
          ...(of === undefined ? {} : { 'aria-label': of }),
        },
      }}
      sx={{ width }}
    />
  );
}
