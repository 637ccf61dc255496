import { zodResolver } from '@hookform/resolvers/zod';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys } from '../api/queries';

const form = z.object({
  workshop: z
    .string()
    .trim()
    .min(1, t`The workshop needs a name.`),
  town: z.string(),
  booth: z
    .string()
    .trim()
    .min(1, t`The booth needs a name.`),
  units: z.enum(['metric', 'us']),
  paper: z.enum(['A4', 'letter']),
  name: z
    .string()
    .trim()
    .min(1, t`Type your name.`),
  email: z
    .string()
    .trim()
    .min(3, t`Type an e-mail address; nothing is ever sent to it.`),
  password: z.string().min(10, t`A password needs 10 characters or more.`),
});
type Wish = z.infer<typeof form>;
const FIELDS = Object.keys(form.shape) as (keyof Wish)[];

/** The first page of an installation that nobody uses yet: the workshop and its lead. */
export function FirstRun() {
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const american = new Intl.Locale(navigator.language).region === 'US';
  const { register, handleSubmit, setError, formState } = useForm<Wish>({
    resolver: zodResolver(form),
    defaultValues: {
      workshop: '',
      town: '',
      booth: t`Booth 1`,
      units: american ? 'us' : 'metric',
      paper: american ? 'letter' : 'A4',
      name: '',
      email: '',
      password: '',
    },
  });
  const begin = async (values: Wish) => {
    setProblem(null);
    try {
      client.setQueryData(keys.me, await unwrap(api.POST('/api/first-run', { body: values })));
    } catch (error) {
      const faults = error instanceof ApiProblem ? (error.problem?.errors ?? []) : [];
      for (const fault of faults) {
        const field = FIELDS.find((known) => known === fault.field);
        if (field !== undefined) {
          setError(field, { message: fault.detail });
        }
      }
      if (faults.length === 0) {
        setProblem(error instanceof Error ? error.message : t`This did not work.`);
      }
    }
  };
  const field = (name: keyof Wish) => ({
    error: formState.errors[name] !== undefined,
    helperText: formState.errors[name]?.message,
    ...register(name),
  });
  return (
    <Box component="main" sx={{ p: { xs: 2, sm: 6 }, display: 'flex', justifyContent: 'center' }}>
      <title>{t`First run, Kalopsis`}</title>
      <Stack
        component="form"
        noValidate
        onSubmit={(event) => void handleSubmit(begin)(event)}
        sx={{ gap: 2.5, width: '100%', maxWidth: 640 }}
      >
        <Typography variant="h1">
          <Trans>Kalopsis: your workshop</Trans>
        </Typography>
        <Typography>
          <Trans>
            Nobody uses this installation yet. Name the workshop and make the account of its lead; everything here can
            be changed later.
          </Trans>
        </Typography>
        {problem !== null && (
          <Alert severity="error" variant="outlined">
            {problem}
          </Alert>
        )}
        <Typography variant="h2">
          <Trans>The workshop</Trans>
        </Typography>
        <TextField label={t`Name of the workshop`} autoFocus {...field('workshop')} />
        <Pair>
          <TextField label={t`Town`} {...field('town')} />
          <TextField label={t`Booth`} {...field('booth')} />
        </Pair>
        <Pair>
          <TextField select label={t`Units`} defaultValue={formState.defaultValues?.units} {...field('units')}>
            <MenuItem value="metric">{t`Metric (mm, °C, bar)`}</MenuItem>
            <MenuItem value="us">{t`US (inch, °F, psi)`}</MenuItem>
          </TextField>
          <TextField select label={t`Paper`} defaultValue={formState.defaultValues?.paper} {...field('paper')}>
            <MenuItem value="A4">A4</MenuItem>
            <MenuItem value="letter">{t`US letter`}</MenuItem>
          </TextField>
        </Pair>
        <Typography variant="h2">
          <Trans>Its lead: you</Trans>
        </Typography>
        <TextField label={t`Your name`} autoComplete="name" {...field('name')} />
        <TextField label={t`E-mail`} type="email" autoComplete="username" {...field('email')} />
        <TextField label={t`Password`} type="password" autoComplete="new-password" {...field('password')} />
        <Button type="submit" variant="contained" size="large" loading={formState.isSubmitting}>
          <Trans>Open the workshop</Trans>
        </Button>
        <Typography variant="caption" color="text.secondary">
          <Trans>
            A planning aid. Data sheets, safety data sheets and local rules win; refinish work is for trained people.
          </Trans>
        </Typography>
      </Stack>
    </Box>
  );
}

function Pair({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>{children}</Box>;
}
