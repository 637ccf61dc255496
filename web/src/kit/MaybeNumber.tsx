import { t } from '@lingui/core/macro';
import { InputAdornment, TextField } from '@mui/material';
import { useState } from 'react';
import { typedNumber } from './typed';

interface Props {
  label?: string;
  /** what it is, for who only hears it */
  of?: string;
  /** null: nothing was said */
  value: number | null;
  /** how many of what is typed make one of the value: 100 for a share typed in per cent */
  times?: number;
  unit?: string;
  error?: string | undefined;
  onCommit: (value: number | null) => void;
  width?: number | string;
  disabled?: boolean;
}

const told = (value: number | null, times: number): string =>
  value === null ? '' : String(Number((value * times).toPrecision(9)));

/** A number without a unit of its own, which may be left empty. Commits on Enter and on leaving; unreadable stays typed. */
export function MaybeNumber({
  label,
  of,
  value,
  times = 1,
  unit,
  error,
  onCommit,
  width = 150,
  disabled = false,
}: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = told(value, times);
  const text = typed ?? shown;
  const unreadable = text.trim() !== '' && typedNumber(text) === null;
  const commit = () => {
    if (typed === null || unreadable) {
      return;
    }
    const number = typedNumber(typed);
    if (typed !== shown) {
      onCommit(number === null ? null : number / times);
    }
    setTyped(null);
  };
  const message = unreadable ? t`Type a number.` : error;
  return (
    <TextField
      label={label}
      value={text}
      disabled={disabled}
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
      }}
      slotProps={{
        inputLabel: { shrink: true },
        input: unit === undefined ? {} : { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
        htmlInput: { inputMode: 'decimal', ...(of === undefined ? {} : { 'aria-label': of }) },
      }}
      sx={{ width }}
    />
  );
}
