import { t } from '@lingui/core/macro';
import { Stack, TextField } from '@mui/material';
import type { Equipment } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import { MaybeQuantity } from '../kit/MaybeQuantity';

type Gun = Equipment['guns']['standard'];

interface Props {
  title: string;
  gun: Gun;
  disabled: boolean;
  fault: (field: keyof Gun) => string | undefined;
  onChange: (part: Partial<Gun>) => void;
}

/** What a shop measured of one of its guns; what is left empty is as usual. */
export function GunFields({ title, gun, disabled, fault, onChange }: Props) {
  const number = (field: 'nozzleMm' | 'flowMlPerMin', label: string, unit: string) => (
    <MaybeNumber
      label={label}
      unit={unit}
      value={gun[field] ?? null}
      disabled={disabled}
      error={fault(field)}
      onCommit={(value) => onChange({ [field]: value ?? undefined })}
      width={130}
    />
  );
  const bar = (field: 'leastBar' | 'mostBar', label: string) => (
    <MaybeQuantity
      label={label}
      unit="bar"
      value={gun[field] ?? null}
      disabled={disabled}
      error={fault(field)}
      onCommit={(value) => onChange({ [field]: value ?? undefined })}
      width={130}
    />
  );
  return (
    <Stack role="group" aria-label={title} direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
      <TextField
        label={title}
        value={gun.name ?? ''}
        placeholder={t`its name`}
        disabled={disabled}
        onChange={(e) => onChange({ name: e.target.value })}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 60 } }}
        sx={{ width: 200 }}
      />
      {number('nozzleMm', t`Nozzle`, 'mm')}
      <MaybeQuantity
        label={t`Fan`}
        unit="mm"
        value={gun.fanMm ?? null}
        disabled={disabled}
        error={fault('fanMm')}
        onCommit={(value) => onChange({ fanMm: value ?? 280 })}
        width={130}
      />
      {number('flowMlPerMin', t`Flow`, t`ml/min`)}
      {bar('leastBar', t`Works from`)}
      {bar('mostBar', t`Works up to`)}
    </Stack>
  );
}
