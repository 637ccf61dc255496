import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import type { Equipment, Shelf } from '../api/types';
import { tell } from '../language/tell';
import { NamedRow } from './NamedRow';

type Lamp = Equipment['lamps'][number];

interface Props {
  lamps: readonly Lamp[];
  lights: Shelf['lampLights'];
  disabled: boolean;
  fault: (field: string) => string | undefined;
  onChange: (lamps: Lamp[]) => void;
}

/** The lamps that cards and covers are judged under, by the names people know them by. */
export function LampFields({ lamps, lights, disabled, fault, onChange }: Props) {
  const set = (i: number, part: Partial<Lamp>) =>
    onChange(lamps.map((one, k) => (k === i ? { ...one, ...part } : one)));
  return (
    <Stack sx={{ gap: 1.5 }}>
      <Typography variant="h3">
        <Trans>Lamps</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary">
        <Trans>Named where a card is held to the car and where the cover is judged. Shade and sun need no lamp.</Trans>
      </Typography>
      {lamps.map((one, i) => (
        <NamedRow
          key={i}
          of={t`Lamp ${i + 1}`}
          label={t`Lamp`}
          name={one.name}
          disabled={disabled}
          fault={fault(`lamps.${i}.name`)}
          onName={(name) => set(i, { name })}
          onRemove={() => onChange(lamps.filter((_, k) => k !== i))}
        >
          <TextField
            select
            label={t`Stands for`}
            value={one.light}
            disabled={disabled}
            onChange={(e) => set(i, { light: e.target.value as Lamp['light'] })}
            sx={{ width: 230 }}
          >
            {lights.map((l) => (
              <MenuItem key={l.key} value={l.key}>
                {tell(l.name)}
              </MenuItem>
            ))}
          </TextField>
        </NamedRow>
      ))}
      {!disabled && (
        <Button
          variant="outlined"
          sx={{ alignSelf: 'flex-start' }}
          onClick={() => onChange([...lamps, { name: '', light: 'daylight-lamp' }])}
        >
          <Trans>Another lamp</Trans>
        </Button>
      )}
    </Stack>
  );
}
