import { t } from '@lingui/core/macro';
import { MenuItem, TextField } from '@mui/material';
import type { ColourDesk } from '../api/types';

/** Which of the shop's instruments a reading is from; not shown where the shop has named none. */
export function ReadWith({
  instruments,
  value,
  onChange,
}: {
  instruments: ColourDesk['instruments'];
  value: string;
  onChange: (name: string) => void;
}) {
  if (instruments.length === 0) {
    return null;
  }
  return (
    <TextField
      select
      label={t`Read with`}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      fullWidth
    >
      <MenuItem value="">{t`nobody said`}</MenuItem>
      {instruments.map((i) => (
        <MenuItem key={i.name} value={i.name}>
          {i.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
