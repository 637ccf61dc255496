import { MenuItem, TextField } from '@mui/material';

/** One of a few, by name. */
export function Choice({
  label,
  value,
  options,
  onChange,
  error,
  width = 240,
}: {
  label: string;
  value: string;
  options: readonly { key: string; name: string }[];
  onChange: (key: string) => void;
  error?: string | undefined;
  width?: number;
}) {
  return (
    <TextField
      select
      label={label}
      value={options.some((o) => o.key === value) ? value : ''}
      error={error !== undefined}
      helperText={error}
      onChange={(event) => onChange(event.target.value)}
      sx={{ width, maxWidth: '100%' }}
    >
      {options.map((o) => (
        <MenuItem key={o.key} value={o.key}>
          {o.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
