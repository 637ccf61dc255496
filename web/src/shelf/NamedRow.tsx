import { t } from '@lingui/core/macro';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { IconButton, Stack, TextField } from '@mui/material';
import type { ReactNode } from 'react';

interface Props {
  /** which of several, for who only hears it */
  of: string;
  label: string;
  name: string;
  disabled: boolean;
  fault: string | undefined;
  onName: (name: string) => void;
  /** none: the last of its kind stays */
  onRemove?: (() => void) | undefined;
  children: ReactNode;
}

/** One thing of the shop in a list: its name, what was measured of it, and the way to take it out. */
export function NamedRow({ of, label, name, disabled, fault, onName, onRemove, children }: Props) {
  return (
    <Stack role="group" aria-label={of} direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
      <TextField
        label={label}
        value={name}
        disabled={disabled}
        error={fault !== undefined}
        helperText={fault}
        onChange={(e) => onName(e.target.value)}
        slotProps={{ htmlInput: { maxLength: 60 } }}
        sx={{ width: 220 }}
      />
      {children}
      {!disabled && onRemove !== undefined && (
        <IconButton aria-label={name === '' ? t`Take ${of} out` : t`Take ${name} out`} onClick={onRemove}>
          <DeleteIcon />
        </IconButton>
      )}
    </Stack>
  );
}
