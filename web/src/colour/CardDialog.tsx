import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  MenuItem,
  Stack,
  Switch,
  TextField,
} from '@mui/material';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import type { ColourDesk, ColourSample, Spraying } from '../api/types';
import { QuantityField } from '../kit/QuantityField';
import { tell } from '../language/tell';
import { typedNumber } from '../kit/typed';
import { samplePath, type DeskDoer } from './useDesk';

const today = (): string => new Date().toISOString().slice(0, 10);

interface Props {
  jobId: string;
  desk: ColourDesk;
  /** The card to change; null for a new one. */
  card: ColourSample | null;
  doer: DeskDoer;
  onClose: () => void;
  onDone: (id: string) => void;
}

/** What somebody else changed meanwhile stays as it is. */
function changedOnly<T extends object>(was: T, is: T): Partial<T> {
  const before = new Map<string, unknown>(Object.entries(was));
  const other = Object.entries(is).filter(([key, value]) => JSON.stringify(value) !== JSON.stringify(before.get(key)));
  return Object.fromEntries(other) as Partial<T>;
}

/** What was sprayed on a card and how. It begins as the plan sprays; change what was done otherwise. */
export function CardDialog({ jobId, desk, card, doer, onClose, onDone }: Props) {
  const cards = desk.samples.filter((s) => s.kind === 'card').length;
  const [name, setName] = useState(card?.name ?? t`Card ${cards + 1}`);
  const [how, setHow] = useState<Spraying | null>(card?.spraying ?? desk.spraying);
  const [day, setDay] = useState((card?.sprayedAt ?? today()).slice(0, 10));
  const [dried, setDried] = useState(card?.dried ?? 'lamp');
  const [note, setNote] = useState(card?.note ?? '');
  const [coats, setCoats] = useState(card?.letDownCoats == null ? '' : String(card.letDownCoats));
  const faults = doer.problem?.problem?.errors ?? [];
  const fault = (field: string) => faults.find((e) => e.field === field)?.detail;
  const set = (part: Partial<Spraying>) => setHow((was) => (was === null ? null : { ...was, ...part }));
  const whole = (field: 'fullCoats' | 'halfCoats', label: string) => (
    <TextField
      label={label}
      value={how?.[field] ?? 0}
      onChange={(e) => set({ [field]: Math.max(0, Math.floor(Number(e.target.value.replace(/\D/gu, '')))) })}
      error={fault(`spraying.${field}`) !== undefined}
      helperText={fault(`spraying.${field}`)}
      slotProps={{ htmlInput: { inputMode: 'numeric' } }}
      fullWidth
    />
  );
  const body = {
    name,
    spraying: how,
    sprayedAt: day === '' ? null : day,
    dried,
    note,
    ...(desk.isLetDownColour ? { letDownCoats: coats === '' ? null : typedNumber(coats) } : {}),
  };
  const [opened] = useState(body);
  const send = async () => {
    const before = new Set(desk.samples.map((s) => s.id));
    const answer = await doer.run(() =>
      card === null
        ? unwrap(
            api.POST('/api/jobs/{job}/colour/samples', {
              params: { path: { job: jobId } },
              body: { kind: 'card', ...body },
            }),
          )
        : unwrap(
            api.PATCH('/api/jobs/{job}/colour/samples/{sample}', {
              ...samplePath(jobId, card.id),
              body: changedOnly(opened, body),
            }),
          ),
    );
    if (answer !== null) {
      onDone(card?.id ?? answer.samples.find((s) => !before.has(s.id))?.id ?? '');
    }
  };
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="card-title">
      <DialogTitle id="card-title">
        {card === null ? t`A new spray-out card` : t`How ${card.name} was sprayed`}
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        <Stack sx={{ gap: 2, pt: 0.5 }}>
          {doer.problem !== null && (
            <Alert severity="warning" variant="outlined">
              {doer.problem.problem?.detail ?? doer.problem.message}
            </Alert>
          )}
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              label={t`Name`}
              value={name}
              onChange={(e) => setName(e.target.value)}
              error={fault('name') !== undefined}
              helperText={fault('name')}
              fullWidth
            />
            <TextField
              label={t`Sprayed on`}
              type="date"
              value={day}
              onChange={(e) => setDay(e.target.value)}
              error={fault('sprayedAt') !== undefined}
              helperText={fault('sprayedAt')}
              slotProps={{ inputLabel: { shrink: true } }}
              fullWidth
            />
          </Stack>
          {how !== null && (
            <>
              <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
                {whole('fullCoats', t`Full coats`)}
                {whole('halfCoats', t`Half coats`)}
                <FormControlLabel
                  control={
                    <Switch checked={how.controlCoat} onChange={(e) => set({ controlCoat: e.target.checked })} />
                  }
                  label={t`Control coat`}
                  sx={{ flexShrink: 0 }}
                />
              </Stack>
              <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
                <QuantityField
                  label={t`Pressure`}
                  value={how.bar}
                  unit="bar"
                  width={180}
                  error={fault('spraying.bar')}
                  onCommit={(bar) => set({ bar })}
                />
                <QuantityField
                  label={t`Distance`}
                  value={how.distanceMm}
                  unit="mm"
                  width={180}
                  error={fault('spraying.distanceMm')}
                  onCommit={(distanceMm) => set({ distanceMm })}
                />
                <QuantityField
                  label={t`Overlap`}
                  value={how.overlapPercent}
                  unit="%"
                  width={180}
                  error={fault('spraying.overlapPercent')}
                  onCommit={(overlapPercent) => set({ overlapPercent })}
                />
              </Stack>
              <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
                <TextField
                  label={t`Reduction`}
                  value={how.ratio}
                  onChange={(e) => set({ ratio: e.target.value })}
                  error={fault('spraying.ratio') !== undefined}
                  helperText={fault('spraying.ratio')}
                  fullWidth
                />
                <TextField
                  select
                  label={t`Reducer`}
                  value={how.reducer}
                  onChange={(e) => set({ reducer: e.target.value })}
                  fullWidth
                >
                  {desk.choices.reducers.map((r) => (
                    <MenuItem key={r.key} value={r.key}>
                      {tell(r.name)}
                    </MenuItem>
                  ))}
                </TextField>
                <TextField
                  select
                  label={t`Over it`}
                  value={how.clear}
                  onChange={(e) => set({ clear: e.target.value as Spraying['clear'] })}
                  fullWidth
                >
                  {desk.choices.clear.map((c) => (
                    <MenuItem key={c.key} value={c.key}>
                      {tell(c.name)}
                    </MenuItem>
                  ))}
                </TextField>
              </Stack>
            </>
          )}
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField select label={t`Dried`} value={dried} onChange={(e) => setDried(e.target.value)} fullWidth>
              {desk.choices.dried.map((d) => (
                <MenuItem key={d.key} value={d.key}>
                  {tell(d.name)}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              select
              label={t`Grey shade under it`}
              value={how?.undercoatShade ?? ''}
              onChange={(e) => set({ undercoatShade: e.target.value === '' ? null : Number(e.target.value) })}
              fullWidth
            >
              <MenuItem value="">
                <Trans>not known</Trans>
              </MenuItem>
              {[1, 2, 3, 4, 5, 6, 7].map((n) => (
                <MenuItem key={n} value={n}>
                  {n}
                </MenuItem>
              ))}
            </TextField>
            {desk.isLetDownColour && (
              <TextField
                label={t`Effect coats (let-down)`}
                value={coats}
                onChange={(e) => setCoats(e.target.value)}
                error={(coats !== '' && typedNumber(coats) === null) || fault('letDownCoats') !== undefined}
                helperText={fault('letDownCoats')}
                fullWidth
              />
            )}
          </Stack>
          <TextField
            label={t`Note`}
            value={note}
            onChange={(e) => setNote(e.target.value)}
            multiline
            fullWidth
            error={fault('note') !== undefined}
            helperText={fault('note')}
          />
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Cancel</Trans>
        </Button>
        <Button variant="contained" disabled={doer.busy} onClick={() => void send()}>
          {card === null ? t`Lay it on the desk` : t`Save`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
