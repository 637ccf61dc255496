import { zodResolver } from '@hookform/resolvers/zod';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  TextField,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Controller, useForm, type FieldPath } from 'react-hook-form';
import { Link as RouterLink, useNavigate, useSearchParams } from 'react-router';
import { z } from 'zod';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, useShelf } from '../api/queries';
import type { JobDocument } from '../api/types';
import { usePreferences } from '../kit/preferences';
import { faultText, formatQuantity, numberFor, parseQuantity, unitSymbol } from '../kit/units';

const OTHER = 'other';

const form = z
  .object({
    bodyShape: z.string().min(1, t`Choose a body shape.`),
    plate: z.string().max(20, t`At most 20 characters.`),
    order: z.string().max(40, t`At most 40 characters.`),
    colour: z.string().min(1, t`Choose a colour.`),
    colourName: z.string().max(80, t`At most 80 characters.`),
    finish: z.string(),
    paintSystem: z.string().min(1, t`Choose a paint system.`),
    temperature: z.string().min(1, t`Type the temperature in the booth.`),
    humidity: z.string().min(1, t`Type the humidity in the booth.`),
  })
  .refine((v) => v.colour !== OTHER || v.colourName.trim() !== '', {
    path: ['colourName'],
    message: t`Give the colour a name.`,
  });
type NewJob = z.infer<typeof form>;

/** Where the server's fields are in this form. */
const FIELDS: Record<string, FieldPath<NewJob>> = {
  'car.bodyShape': 'bodyShape',
  'car.plate': 'plate',
  'car.order': 'order',
  'colour.name': 'colourName',
  'colour.finish': 'finish',
  paintSystem: 'paintSystem',
  'booth.temperatureC': 'temperature',
  'booth.humidityPercent': 'humidity',
};

export function NewJobDialog({ onClose }: { onClose: () => void }) {
  const shelf = useShelf();
  const { me, units } = usePreferences();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [search] = useSearchParams();
  const [id] = useState(() => crypto.randomUUID());
  const [problem, setProblem] = useState<string | null>(null);
  const { control, handleSubmit, setError, watch, formState } = useForm<NewJob>({
    resolver: zodResolver(form),
    defaultValues: {
      bodyShape: search.get('body') ?? '',
      plate: '',
      order: '',
      colour: '',
      colourName: '',
      finish: 'metallic-dark',
      paintSystem: '',
      temperature: numberFor(22, 'degC', units),
      humidity: '50',
    },
  });
  const data = shelf.data;
  const submit = async (values: NewJob) => {
    const temperatureC = parseQuantity(values.temperature, 'degC', units);
    const humidityPercent = parseQuantity(values.humidity, '%', units);
    if (temperatureC === null) {
      setError('temperature', {
        message: t`Type a temperature, like ${formatQuantity({ value: 22, unit: 'degC' }, units)}.`,
      });
    }
    if (humidityPercent === null) {
      setError('humidity', { message: t`Type a number, like 50%.` });
    }
    if (temperatureC === null || humidityPercent === null || data === undefined) {
      return;
    }
    const known = data.colours.find((c) => `${c.name} ${c.code}` === values.colour);
    const document: JobDocument = {
      car: {
        label: data.bodyShapes.find((b) => b.key === values.bodyShape)?.name ?? values.bodyShape,
        plate: values.plate.trim(),
        ...(values.order.trim() === '' ? {} : { order: values.order.trim() }),
        bodyShape: values.bodyShape,
      },
      colour:
        known === undefined
          ? { name: values.colourName.trim(), finish: values.finish as JobDocument['colour']['finish'] }
          : {
              name: known.name,
              code: known.code,
              finish: known.finish as JobDocument['colour']['finish'],
              undercoatShade: known.undercoatShade,
              hidingUm: known.hidingUm,
            },
      paintSystem: values.paintSystem,
      booth: { temperatureC: Math.round(temperatureC * 10) / 10, humidityPercent },
      repairs: [],
      plan: { school: 'inside-out-wet-bed' },
    };
    try {
      const bench = await unwrap(api.POST('/api/jobs', { body: { id, document } }));
      client.setQueryData(keys.job(bench.id), bench);
      await client.invalidateQueries({ queryKey: keys.jobs });
      void navigate(`/jobs/${bench.id}/car`);
    } catch (error) {
      const faults = error instanceof ApiProblem ? (error.problem?.errors ?? []) : [];
      for (const fault of faults) {
        const at = FIELDS[fault.field];
        if (at !== undefined) {
          setError(at, { message: faultText(fault, units) });
        }
      }
      setProblem(faults.length > 0 ? null : error instanceof Error ? error.message : t`The job could not be opened.`);
    }
  };
  const field = (
    name: FieldPath<NewJob>,
    label: string,
    options?: readonly { value: string; label: string }[],
    end?: string,
  ) => (
    <Controller
      name={name}
      control={control}
      render={({ field: { ref, ...props }, fieldState }) => (
        <TextField
          {...props}
          inputRef={ref}
          label={label}
          select={options !== undefined}
          fullWidth
          error={fieldState.error !== undefined}
          helperText={fieldState.error?.message}
          slotProps={{ input: { endAdornment: end } }}
        >
          {options?.map((o) => (
            <MenuItem key={o.value} value={o.value}>
              {o.label}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="new-job">
      <form noValidate onSubmit={(event) => void handleSubmit(submit)(event)}>
        <DialogTitle id="new-job">
          <Trans>New job</Trans>
        </DialogTitle>
        <DialogContent>
          <Stack sx={{ gap: 2, pt: 1 }}>
            {problem !== null && (
              <Alert severity="error" variant="outlined">
                {problem}
              </Alert>
            )}
            {shelf.isError && (
              <Alert severity="error" variant="outlined">
                {shelf.error.message}
              </Alert>
            )}
            <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
              {field(
                'bodyShape',
                t`Body shape`,
                (data?.bodyShapes ?? []).map((b) => ({ value: b.key, label: `${b.name}, ${b.style}` })),
              )}
              {field('plate', t`Plate`)}
              {field('order', t`Order number`)}
            </Stack>
            {me.role !== 'apprentice' && (
              <Button component={RouterLink} to="/shelf/tape?then=job" sx={{ alignSelf: 'flex-start' }}>
                <Trans>A car that is not on the list: by tape measure</Trans>
              </Button>
            )}
            {field('colour', t`Colour`, [
              ...(data?.colours ?? []).map((c) => ({ value: `${c.name} ${c.code}`, label: `${c.name}, ${c.code}` })),
              { value: OTHER, label: t`Another colour` },
            ])}
            {watch('colour') === OTHER && (
              <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
                {field('colourName', t`Name of the colour`)}
                {field(
                  'finish',
                  t`Finish`,
                  (data?.finishes ?? []).map((f) => ({ value: f.key, label: f.name })),
                )}
              </Stack>
            )}
            {field(
              'paintSystem',
              t`Paint system`,
              (data?.paintSystems ?? []).map((s) => ({ value: s.key, label: s.name })),
            )}
            <Stack direction="row" sx={{ gap: 2 }}>
              {field('temperature', t`Booth`, undefined, unitSymbol('degC', units))}
              {field('humidity', t`Humidity`, undefined, '%')}
            </Stack>
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>
            <Trans>Cancel</Trans>
          </Button>
          <Button type="submit" variant="contained" loading={formState.isSubmitting}>
            <Trans>Open the job</Trans>
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
