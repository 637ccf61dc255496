import { t } from '@lingui/core/macro';
import { InputAdornment, TextField } from '@mui/material';
import { useState } from 'react';
import { useUnits } from './preferences';
import { formatQuantity, numberFor, parseQuantity, unitSymbol } from './units';

interface Props {
  label: string;
  /** in the base unit */
  value: number;
  unit: string;
  error?: string | undefined;
  onCommit: (value: number) => void;
  width?: number;
  disabled?: boolean;
}

/** A measure typed in the reader's own units, or in any unit written behind it ("4 1/2 in"). Commits on Enter and on leaving. */
export function QuantityField({ label, value, unit, error, onCommit, width = 150, disabled = false }: Props) {
  const system = useUnits();
  const shown = numberFor(value, unit, system);
  const [typed, setTyped] = useState<string | null>(null);
  const parsed = typed === null ? value : parseQuantity(typed, unit, system);
  const unreadable = typed !== null && parsed === null;
  const commit = () => {
    if (typed === null || parsed === null) {
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
      value={typed ?? shown}
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
        input: { endAdornment: <InputAdornment position="end">{unitSymbol(unit, system)}</InputAdornment> },
        htmlInput: { inputMode: system === 'us' ? 'text' : 'decimal' },
      }}
      sx={{ width }}
    />
  );
}
