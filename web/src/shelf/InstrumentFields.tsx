import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import type { Equipment, Shelf } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import { VIEWINGS } from '../kit/viewings';
import { tell } from '../language/tell';
import { NamedRow } from './NamedRow';

type Instrument = Equipment['instruments'][number];

interface Props {
  instruments: readonly Instrument[];
  geometries: Shelf['geometries'];
  disabled: boolean;
  fault: (field: string) => string | undefined;
  onChange: (instruments: Instrument[]) => void;
}

/** What a shop reads colour with: its angles, its light, and how well it repeats itself. */
export function InstrumentFields({ instruments, geometries, disabled, fault, onChange }: Props) {
  const set = (i: number, part: Partial<Instrument>) =>
    onChange(instruments.map((one, k) => (k === i ? { ...one, ...part } : one)));
  return (
    <Stack sx={{ gap: 1.5 }}>
      <Typography variant="h3">
        <Trans>Measuring instruments</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          To know how well one repeats, shoot one spot ten times without lifting it off. A toner is proposed only for
          what is more than that; a card read with another instrument than its car is asked about.
        </Trans>
      </Typography>
      {instruments.map((one, i) => (
        <NamedRow
          key={i}
          of={t`Instrument ${i + 1}`}
          label={t`Instrument`}
          name={one.name}
          disabled={disabled}
          fault={fault(`instruments.${i}.name`)}
          onName={(name) => set(i, { name })}
          onRemove={() => onChange(instruments.filter((_, k) => k !== i))}
        >
          <TextField
            select
            label={t`Angles`}
            value={one.geometry}
            disabled={disabled}
            onChange={(e) => set(i, { geometry: e.target.value })}
            sx={{ width: 230 }}
          >
            {geometries.map((g) => (
              <MenuItem key={g.key} value={g.key}>
                {tell(g.name)}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={t`Light / observer`}
            value={one.viewing}
            disabled={disabled}
            onChange={(e) => set(i, { viewing: e.target.value })}
            sx={{ width: 140 }}
          >
            {VIEWINGS.map((v) => (
              <MenuItem key={v} value={v}>
                {v}
              </MenuItem>
            ))}
          </TextField>
          <MaybeNumber
            label={t`Repeats within`}
            unit="dE"
            value={one.repeats ?? null}
            disabled={disabled}
            error={fault(`instruments.${i}.repeats`)}
            onCommit={(repeats) => set(i, { repeats })}
            width={140}
          />
        </NamedRow>
      ))}
      {!disabled && (
        <Button
          variant="outlined"
          sx={{ alignSelf: 'flex-start' }}
          onClick={() =>
            onChange([...instruments, { name: '', geometry: '15-45-110', viewing: 'D65/10', repeats: null }])
          }
        >
          <Trans>Another instrument</Trans>
        </Button>
      )}
    </Stack>
  );
}
