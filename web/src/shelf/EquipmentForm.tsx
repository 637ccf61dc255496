import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import {
  Alert,
  Box,
  Button,
  Checkbox,
  FormControlLabel,
  IconButton,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import type { Equipment } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { usePreferences, useUnits } from '../kit/preferences';
import { faultText, formatQuantity } from '../kit/units';
import { GunFields } from './GunFields';

const CUPS = ['200', '450', '750', '1300'];

/** What the shop works with: every plan reckons with it. */
export function EquipmentForm({ equipment }: { equipment: Equipment }) {
  const units = useUnits();
  const { me } = usePreferences();
  const client = useQueryClient();
  const [typed, setTyped] = useState<Equipment | null>(null);
  const keep = useMutation({
    mutationFn: (body: Equipment) => unwrap(api.PUT('/api/shelf/equipment', { body })),
    onSuccess: async () => {
      setTyped(null);
      await client.invalidateQueries();
    },
  });
  const may = me.role === 'lead';
  const now = typed ?? equipment;
  const faults = keep.error instanceof ApiProblem ? (keep.error.problem?.errors ?? []) : [];
  const fault = (field: string) => {
    const found = faults.find((f) => f.field === field);
    return found === undefined ? undefined : faultText(found, units);
  };
  const booth = (i: number, part: Partial<Equipment['booths'][number]>) =>
    setTyped({ ...now, booths: now.booths.map((b, k) => (k === i ? { ...b, ...part } : b)) });
  const gun = (key: 'standard' | 'small', part: Partial<Equipment['guns']['standard']>) =>
    setTyped({ ...now, guns: { ...now.guns, [key]: { ...now.guns[key], ...part } } });
  const cups = now.cups.length === 0 ? CUPS : now.cups;
  return (
    <Stack sx={{ gap: 2.5 }}>
      <Stack sx={{ gap: 1.5 }}>
        <Typography variant="h3">
          <Trans>Booths</Trans>
        </Typography>
        {now.booths.map((b, i) => (
          <Stack
            key={i}
            role="group"
            aria-label={t`Booth ${i + 1}`}
            direction="row"
            sx={{ gap: 1.5, flexWrap: 'wrap' }}
          >
            <TextField
              label={t`Booth`}
              value={b.name}
              disabled={!may}
              error={fault(`booths.${i}.name`) !== undefined}
              helperText={fault(`booths.${i}.name`)}
              onChange={(e) => booth(i, { name: e.target.value })}
              sx={{ width: 200 }}
            />
            <MaybeNumber
              label={t`Air along a panel`}
              unit="m/s"
              value={b.movesMPerS ?? null}
              disabled={!may}
              error={fault(`booths.${i}.movesMPerS`)}
              onCommit={(value) => booth(i, { movesMPerS: value ?? 0.3 })}
              width={180}
            />
            <MaybeQuantity
              label={t`Heats a panel to`}
              unit="degC"
              value={b.heatsToC ?? null}
              disabled={!may}
              error={fault(`booths.${i}.heatsToC`)}
              onCommit={(value) => booth(i, { heatsToC: value })}
              width={180}
            />
            {may && now.booths.length > 1 && (
              <IconButton
                aria-label={t`Take ${b.name} out`}
                onClick={() => setTyped({ ...now, booths: now.booths.filter((_, k) => k !== i) })}
              >
                <DeleteIcon />
              </IconButton>
            )}
          </Stack>
        ))}
        {may && (
          <Button
            variant="outlined"
            sx={{ alignSelf: 'flex-start' }}
            onClick={() =>
              setTyped({
                ...now,
                booths: [...now.booths, { name: t`Booth ${now.booths.length + 1}`, movesMPerS: 0.3 }],
              })
            }
          >
            <Trans>Another booth</Trans>
          </Button>
        )}
      </Stack>
      <Stack sx={{ gap: 1.5 }}>
        <Typography variant="h3">
          <Trans>Guns</Trans>
        </Typography>
        <Typography variant="body2" color="text.secondary">
          <Trans>
            The fan on masking paper, {formatQuantity({ value: 180, unit: 'mm' }, units)} away; what runs into a beaker
            in a minute with the trigger pulled through. Strokes, minutes and stripes go with them, and a coat planned
            at a pressure outside the gun's is remarked on.
          </Trans>
        </Typography>
        {(['standard', 'small'] as const).map((key) => (
          <GunFields
            key={key}
            title={key === 'standard' ? t`Gun for panels` : t`Small gun`}
            gun={now.guns[key]}
            disabled={!may}
            fault={(field) => fault(`guns.${key}.${field}`)}
            onChange={(part) => gun(key, part)}
          />
        ))}
      </Stack>
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
        <Typography component="legend" variant="h3">
          <Trans>Cups on the shelf</Trans>
        </Typography>
        {CUPS.map((size) => (
          <FormControlLabel
            key={size}
            label={formatQuantity({ value: Number(size), unit: 'ml' }, units)}
            control={
              <Checkbox
                checked={cups.includes(size)}
                disabled={!may || (cups.includes(size) && cups.length === 1)}
                onChange={(_, on) => {
                  const next = CUPS.filter((c) => (c === size ? on : cups.includes(c)));
                  setTyped({ ...now, cups: next.length === CUPS.length ? [] : next });
                }}
              />
            }
          />
        ))}
      </Box>
      {keep.isError && (
        <Alert severity="error" variant="outlined">
          {faults[0] === undefined ? keep.error.message : faultText(faults[0], units)}
        </Alert>
      )}
      {may && (
        <Button
          variant="contained"
          loading={keep.isPending}
          disabled={typed === null}
          onClick={() => keep.mutate(now)}
          sx={{ alignSelf: 'flex-start' }}
        >
          <Trans>Keep what we work with</Trans>
        </Button>
      )}
    </Stack>
  );
}
