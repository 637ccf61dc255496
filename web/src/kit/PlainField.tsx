import { t } from '@lingui/core/macro';
import { InputAdornment, TextField } from '@mui/material';
import { typedNumber } from './typed';

/** A number without a unit of its own, kept as it was typed until it is sent. */
export function PlainField({
  label,
  of,
  value,
  onChange,
  error,
  unit,
  width = 110,
}: {
  label?: string;
  /** what it is, for who only hears it */
  of?: string;
  value: string;
  onChange: (typed: string) => void;
  error?: string | undefined;
  unit?: string;
  width?: number;
}) {
  const unreadable = value.trim() !== '' && typedNumber(value) === null;
  const message = unreadable ? t`Type a number.` : error;
  return (
    <TextField
      label={label}
      value={value}
      error={message !== undefined}
      helperText={message}
      onChange={(event) => onChange(event.target.value)}
      onFocus={(event) => event.target.select()}
      slotProps={{
        input: unit === undefined ? {} : { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
        htmlInput: { inputMode: 'decimal', ...(of === undefined ? {} : { 'aria-label': of }) },
      }}
      sx={{ width }}
    />
  );
}
