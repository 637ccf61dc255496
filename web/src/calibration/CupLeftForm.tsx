import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Checkbox, FormControlLabel, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { QuantityField } from '../kit/QuantityField';
import type { FormProps } from './form';
import { TakeIn } from './TakeIn';

/** What a cup covered: how much of the paint landed. */
export function CupLeftForm({ busy, fault, onTake }: FormProps) {
  const [filledMl, setFilled] = useState(400);
  const [leftMl, setLeft] = useState(100);
  const [areaM2, setArea] = useState(1.5);
  const [dryUm, setDry] = useState(15);
  const [gauged, setGauged] = useState(false);
  const [solids, setSolids] = useState(12);
  const [bar, setBar] = useState(1.4);
  const [distanceMm, setDistance] = useState(180);
  const take = () =>
    onTake({
      kind: 'cup-left',
      usedMl: filledMl - leftMl,
      areaM2,
      dryUm,
      gauged,
      solidsPercent: solids,
      bar,
      distanceMm,
    });
  return (
    <Stack sx={{ gap: 2 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <QuantityField
          label={t`Into the cup`}
          value={filledMl}
          unit="ml"
          error={fault('usedMl')}
          onCommit={setFilled}
        />
        <QuantityField label={t`Came back`} value={leftMl} unit="ml" onCommit={setLeft} />
        <QuantityField
          label={t`Area of all coats`}
          value={areaM2}
          unit="m2"
          error={fault('areaM2')}
          onCommit={setArea}
        />
        <QuantityField
          label={t`Dry film of one coat`}
          value={dryUm}
          unit="um"
          error={fault('dryUm')}
          onCommit={setDry}
          width={180}
        />
        <QuantityField
          label={t`Solids by volume`}
          value={solids}
          unit="%"
          error={fault('solidsPercent')}
          onCommit={setSolids}
        />
        <QuantityField
          label={t`At the gun`}
          value={bar}
          unit="bar"
          error={fault('bar')}
          onCommit={setBar}
          width={120}
        />
        <QuantityField
          label={t`Distance`}
          value={distanceMm}
          unit="mm"
          error={fault('distanceMm')}
          onCommit={setDistance}
          width={130}
        />
      </Stack>
      <FormControlLabel
        control={<Checkbox checked={gauged} onChange={(_, on) => setGauged(on)} />}
        label={t`The film was measured with a gauge`}
      />
      <Typography variant="body2" color="text.secondary">
        <Trans>
          An area sprayed twice counts twice. Solids by volume as sprayed, reducer counted: the data sheet says them.
        </Trans>
      </Typography>
      <TakeIn busy={busy} onPress={take} />
    </Stack>
  );
}
