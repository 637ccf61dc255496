import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { useShelf } from '../api/queries';
import type { CoatStep, PlannedCoat } from '../api/types';
import { changeStep } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { QuantityField } from '../kit/QuantityField';
import { tell } from '../language/tell';

interface Props {
  handle: BenchHandle;
  coat: PlannedCoat;
  step: CoatStep;
  onClose: () => void;
}

const MIXES = [
  { name: t`As mixed`, reducer: 1, blendingClear: 0 },
  { name: t`Under-reduced`, reducer: 0.67, blendingClear: 0 },
  { name: t`+10% reducer`, reducer: 1.1, blendingClear: 0 },
  { name: t`1:1 blending clear`, reducer: 1, blendingClear: 1 },
  { name: t`+150% blending clear`, reducer: 1, blendingClear: 1.5 },
] as const;

/** Everything of one coat. What is left empty is as usual; the ranges and words come from the core. */
export function CoatDialog({ handle, coat, step: before, onClose }: Props) {
  const [step, setStep] = useState<CoatStep>(before);
  const limits = useShelf().data?.limits;
  const set = (part: Partial<CoatStep>) => setStep((s) => ({ ...s, ...part }));
  const faults = handle.save.kind === 'refused' ? handle.save.faults : [];
  const save = () => {
    handle.change(changeStep(handle.document, handle.plan.sequence, before.id, step, t`${step.name} changed`));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="coat-title">
      <DialogTitle id="coat-title">{before.name}</DialogTitle>
      <DialogContent>
        <Stack sx={{ gap: 2.25, pt: 1 }}>
          <TextField
            label={t`Name`}
            value={step.name}
            onChange={(e) => set({ name: e.target.value })}
            slotProps={{ htmlInput: { maxLength: 40 } }}
          />
          {(coat.colour || coat.kind === 'clear') && <MixtureFields step={step} set={set} />}
          <GunFields coat={coat} step={step} set={set} />
          <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
            <ToggleButtonGroup
              exclusive
              value={step.strokes ?? 'single'}
              aria-label={t`Strokes`}
              onChange={(_, strokes: 'single' | 'cross' | null) => strokes !== null && set({ strokes })}
            >
              <ToggleButton value="single">
                <Trans>Single coat</Trans>
              </ToggleButton>
              <ToggleButton value="cross">
                <Trans>Cross coat</Trans>
              </ToggleButton>
            </ToggleButtonGroup>
            <QuantityField
              label={t`Film, share of a full coat`}
              value={100 * (step.film ?? 1)}
              unit="%"
              width={190}
              onCommit={(v) => set({ film: v / 100 })}
            />
          </Stack>
          <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
            <TextField
              select
              label={t`Lands in`}
              value={step.landsIn ?? 'dry'}
              sx={{ minWidth: 220 }}
              onChange={(e) => set({ landsIn: e.target.value as NonNullable<CoatStep['landsIn']> })}
            >
              {(limits?.landsIn ?? []).map((l) => (
                <MenuItem key={l.key} value={l.key}>
                  {tell(l.name)}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              select
              label={t`Then`}
              value={step.drying ?? 'flash'}
              sx={{ minWidth: 220 }}
              onChange={(e) => set({ drying: e.target.value as NonNullable<CoatStep['drying']> })}
            >
              {(limits?.drying ?? []).map((l) => (
                <MenuItem key={l.key} value={l.key}>
                  {tell(l.name)}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
          <PlaceFields handle={handle} step={step} set={set} />
          {faults.map((f) => (
            <Typography key={f.field} color="error">
              {f.detail}
            </Typography>
          ))}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Leave it</Trans>
        </Button>
        <Button variant="contained" onClick={save} disabled={step.name.trim() === ''}>
          <Trans>Change the coat</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface FieldsProps {
  step: CoatStep;
  set: (part: Partial<CoatStep>) => void;
}

function MixtureFields({ step, set }: FieldsProps) {
  const mixture = {
    ...step.mixture,
    reducer: step.mixture?.reducer ?? 1,
    blendingClear: step.mixture?.blendingClear ?? 0,
  };
  if (step.kind === 'clear' || step.kind === 'tinted-clear') {
    const [added, label] =
      step.kind === 'clear'
        ? (['fadeSolvent', t`Fade-out solvent, of the clear`] as const)
        : (['tint', t`Tint, of the clear`] as const);
    return (
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <QuantityField
          label={t`Reducer, of the usual`}
          value={100 * mixture.reducer}
          unit="%"
          width={170}
          onCommit={(v) => set({ mixture: { ...mixture, reducer: v / 100 } })}
        />
        <QuantityField
          label={label}
          value={100 * (mixture[added] ?? 0)}
          unit="%"
          width={210}
          onCommit={(v) => set({ mixture: { ...mixture, [added]: v / 100 } })}
        />
      </Stack>
    );
  }
  const known = MIXES.findIndex((m) => m.reducer === mixture.reducer && m.blendingClear === mixture.blendingClear);
  return (
    <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
      <TextField
        select
        label={t`In the gun`}
        value={known < 0 ? 'own' : known}
        sx={{ minWidth: 210 }}
        onChange={(e) => {
          const mix = MIXES[Number(e.target.value)];
          if (mix !== undefined) {
            set({ mixture: { reducer: mix.reducer, blendingClear: mix.blendingClear } });
          }
        }}
      >
        {MIXES.map((m, i) => (
          <MenuItem key={m.name} value={i}>
            {m.name}
          </MenuItem>
        ))}
        {known < 0 && (
          <MenuItem value="own">
            <Trans>as typed</Trans>
          </MenuItem>
        )}
      </TextField>
      <QuantityField
        label={t`Reducer, of the usual`}
        value={100 * mixture.reducer}
        unit="%"
        width={170}
        onCommit={(v) => set({ mixture: { ...mixture, reducer: v / 100 } })}
      />
      <QuantityField
        label={t`Blending clear, of the base`}
        value={100 * mixture.blendingClear}
        unit="%"
        width={190}
        onCommit={(v) => set({ mixture: { ...mixture, blendingClear: v / 100 } })}
      />
    </Stack>
  );
}

function GunFields({ coat, step, set }: FieldsProps & { coat: PlannedCoat }) {
  const gun = step.gun ?? {};
  const put = (part: Partial<NonNullable<CoatStep['gun']>>) => set({ gun: { ...gun, ...part } });
  const number = (label: string, key: 'flowMlPerMin' | 'speedMmPerS', now: number) => (
    <TextField
      label={label}
      type="number"
      value={gun[key] ?? now}
      sx={{ width: 150 }}
      onKeyDown={(e) => e.stopPropagation()}
      onChange={(e) => put({ [key]: Number(e.target.value) })}
    />
  );
  const usual = () => set({ gun: gun.hold === undefined ? {} : { hold: gun.hold } });
  return (
    <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
      <QuantityField
        label={t`Pressure`}
        value={gun.bar ?? coat.gun.pressure.value}
        unit="bar"
        width={120}
        onCommit={(bar) => put({ bar })}
      />
      <QuantityField
        label={t`Distance`}
        value={gun.distanceMm ?? coat.gun.distance.value}
        unit="mm"
        width={130}
        onCommit={(distanceMm) => put({ distanceMm })}
      />
      <QuantityField
        label={t`Overlap`}
        value={gun.overlapPercent ?? coat.gun.overlap.value}
        unit="%"
        width={120}
        onCommit={(overlapPercent) => put({ overlapPercent })}
      />
      {number(t`Flow, ml/min`, 'flowMlPerMin', coat.gun.flowMlPerMin)}
      {number(t`Hand speed, mm/s`, 'speedMmPerS', coat.gun.speedMmPerS)}
      <Button onClick={usual}>
        <Trans>As usual</Trans>
      </Button>
    </Stack>
  );
}

/** Everywhere, only some repairs, or only some panels; and the whole panel or past the primer. */
function PlaceFields({ handle, step, set }: FieldsProps & { handle: BenchHandle }) {
  const { document, plan } = handle;
  const places = typeof step.where === 'object' ? step.where : undefined;
  const value =
    places?.repairs !== undefined
      ? places.repairs.map((r) => `repair ${r}`)
      : places?.panels !== undefined
        ? places.panels.map((p) => `panel ${p}`)
        : ['all'];
  const pick = (chosen: string[]) => {
    const last = chosen[chosen.length - 1];
    if (last === undefined || last === 'all') {
      set({ where: 'all' });
      return;
    }
    const kind = last.startsWith('repair ') ? 'repair ' : 'panel ';
    const ids = chosen.filter((c) => c.startsWith(kind)).map((c) => c.slice(kind.length));
    set({ where: kind === 'repair ' ? { repairs: ids } : { panels: ids } });
  };
  const extent = (kind: CoatStep['extent']['kind']) =>
    set({ extent: kind === 'whole-panel' ? { kind } : { reach: 0.5, fade: 0.4, ...shares(step.extent), kind } });
  return (
    <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
      <TextField
        select
        label={t`Where`}
        value={value}
        sx={{ minWidth: 220 }}
        slotProps={{ select: { multiple: true } }}
        onChange={(e) => pick(typeof e.target.value === 'string' ? e.target.value.split(',') : e.target.value)}
      >
        <MenuItem value="all">
          <Trans>Everywhere</Trans>
        </MenuItem>
        {document.repairs.map((r, i) => (
          <MenuItem key={r.id} value={`repair ${r.id}`}>
            <Trans>Repair {i + 1} only</Trans>
          </MenuItem>
        ))}
        {plan.panels.map((p) => (
          <MenuItem key={p.id} value={`panel ${p.id}`}>
            <Trans>{p.name} only</Trans>
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={t`How far`}
        value={step.extent.kind}
        sx={{ minWidth: 220 }}
        onChange={(e) => extent(e.target.value as CoatStep['extent']['kind'])}
      >
        <MenuItem value="past">
          <Trans>Past the primer, then fading</Trans>
        </MenuItem>
        <MenuItem value="between">
          <Trans>Past the repairs and all between them</Trans>
        </MenuItem>
        <MenuItem value="whole-panel">
          <Trans>The whole panel</Trans>
        </MenuItem>
        {step.extent.kind === 'ring' && (
          <MenuItem value="ring">
            <Trans>Only a ring past the blend</Trans>
          </MenuItem>
        )}
      </TextField>
      <EndFields step={step} set={set} />
    </Stack>
  );
}

/** A reach that was told from the blend's end starts anew as a share of it. */
const shares = ({ reach, fade, reachMm, fadeMm }: CoatStep['extent']) => ({
  ...(reach !== undefined && { reach }),
  ...(fade !== undefined && { fade }),
  ...(reachMm !== undefined && { reachMm }),
  ...(fadeMm !== undefined && { fadeMm }),
});

/** Where a bed, a clear or a ring of solvent ends that is told from where the blend ends. */
function EndFields({ step, set }: FieldsProps) {
  const { extent } = step;
  const field = (label: string, name: 'fromMm' | 'beyondMm' | 'fadeMm') => (
    <QuantityField
      label={label}
      value={extent[name] ?? 0}
      unit="mm"
      width={170}
      onCommit={(mm) => set({ extent: { ...extent, [name]: mm } })}
    />
  );
  if (extent.beyondMm === undefined) {
    return null;
  }
  return (
    <>
      {extent.kind === 'ring' && field(t`From, past the blend`, 'fromMm')}
      {field(extent.kind === 'ring' ? t`To, past the blend` : t`Past the blend`, 'beyondMm')}
      {field(t`Fades over`, 'fadeMm')}
    </>
  );
}
