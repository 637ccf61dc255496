import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { Button, IconButton, Stack, Typography } from '@mui/material';
import type { Equipment } from '../api/types';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';

type Cup = Equipment['cups'][number];

interface Props {
  cups: readonly Cup[];
  disabled: boolean;
  fault: (field: string) => string | undefined;
  onChange: (cups: Cup[]) => void;
}

/** Cups of any size; who measures one gets fill lines that are right for it. */
export function CupFields({ cups, disabled, fault, onChange }: Props) {
  const units = useUnits();
  const set = (i: number, part: Partial<Cup>) => onChange(cups.map((c, k) => (k === i ? { ...c, ...part } : c)));
  const size = (i: number, cup: Cup, field: 'bottomMm' | 'topMm' | 'heightMm', label: string) => (
    <MaybeQuantity
      label={label}
      unit="mm"
      value={cup[field] ?? null}
      disabled={disabled}
      error={fault(`cups.${i}.${field}`)}
      onCommit={(value) => set(i, { [field]: value ?? undefined })}
      width={140}
    />
  );
  return (
    <Stack sx={{ gap: 1.5 }}>
      <Typography variant="h3">
        <Trans>Mixing cups</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          What goes in and can still be stirred. Measured inside, across and up to the brim; left empty, the cup is
          shaped like a usual one of its size.
        </Trans>
      </Typography>
      {cups.map((cup, i) => {
        const name = formatQuantity({ value: cup.ml, unit: 'ml' }, units);
        return (
          <Stack key={i} role="group" aria-label={t`Cup ${i + 1}`} direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
            <MaybeQuantity
              label={t`Takes`}
              unit="ml"
              required
              value={cup.ml === 0 ? null : cup.ml}
              disabled={disabled}
              error={fault(`cups.${i}.ml`)}
              // Another size is another cup: its old measures do not hold.
              onCommit={(ml) => onChange(cups.map((c, k) => (k === i ? { ml: ml ?? 0 } : c)))}
              width={140}
            />
            {size(i, cup, 'bottomMm', t`Bottom`)}
            {size(i, cup, 'topMm', t`Top`)}
            {size(i, cup, 'heightMm', t`Height`)}
            {!disabled && cups.length > 1 && (
              <IconButton
                aria-label={t`Take the cup of ${name} out`}
                onClick={() => onChange(cups.filter((_, k) => k !== i))}
              >
                <DeleteIcon />
              </IconButton>
            )}
          </Stack>
        );
      })}
      {!disabled && (
        <Button variant="outlined" sx={{ alignSelf: 'flex-start' }} onClick={() => onChange([...cups, { ml: 0 }])}>
          <Trans>Another cup</Trans>
        </Button>
      )}
    </Stack>
  );
}
