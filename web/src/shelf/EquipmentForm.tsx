import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import type { Equipment, Shelf } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { usePreferences, useUnits } from '../kit/preferences';
import { faultText, formatQuantity } from '../kit/units';
import { CupFields } from './CupFields';
import { GunFields } from './GunFields';
import { InstrumentFields } from './InstrumentFields';
import { LampFields } from './LampFields';
import { NamedRow } from './NamedRow';

/** What the shop works with: every plan reckons with it. */
export function EquipmentForm({ shelf }: { shelf: Shelf }) {
  const { equipment } = shelf;
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
  return (
    <Stack sx={{ gap: 2.5 }}>
      <Stack sx={{ gap: 1.5 }}>
        <Typography variant="h3">
          <Trans>Booths</Trans>
        </Typography>
        {now.booths.map((b, i) => (
          <NamedRow
            key={i}
            of={t`Booth ${i + 1}`}
            label={t`Booth`}
            name={b.name}
            disabled={!may}
            fault={fault(`booths.${i}.name`)}
            onName={(name) => booth(i, { name })}
            onRemove={
              now.booths.length > 1
                ? () => setTyped({ ...now, booths: now.booths.filter((_, k) => k !== i) })
                : undefined
            }
          >
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
          </NamedRow>
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
      <CupFields cups={now.cups} disabled={!may} fault={fault} onChange={(cups) => setTyped({ ...now, cups })} />
      <LampFields
        lamps={now.lamps}
        lights={shelf.lampLights}
        disabled={!may}
        fault={fault}
        onChange={(lamps) => setTyped({ ...now, lamps })}
      />
      <InstrumentFields
        instruments={now.instruments}
        geometries={shelf.geometries}
        disabled={!may}
        fault={fault}
        onChange={(instruments) => setTyped({ ...now, instruments })}
      />
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
