import { zodResolver } from '@hookform/resolvers/zod';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, Stack, TextField, Typography } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys } from '../api/queries';
import { Loading } from '../kit/States';

const form = z.object({
  email: z.string().min(1, t`Type your e-mail address.`),
  password: z.string().min(1, t`Type your password.`),
});
type Wish = z.infer<typeof form>;

const FirstRun = lazy(() => import('./FirstRun').then((m) => ({ default: m.FirstRun })));

/** Signing in; where nobody has an account yet, the first run. */
export function LoginPage() {
  const session = useQuery({
    queryKey: ['session'],
    queryFn: ({ signal }) => unwrap(api.GET('/api/session', { signal })),
  });
  if (session.data?.fresh === true) {
    return (
      <Suspense fallback={<Loading what="Kalopsis" />}>
        <FirstRun />
      </Suspense>
    );
  }
  return <SignIn />;
}

function SignIn() {
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const { register, handleSubmit, setError, formState } = useForm<Wish>({
    resolver: zodResolver(form),
    defaultValues: { email: '', password: '' },
  });
  const signIn = async (values: Wish) => {
    setProblem(null);
    try {
      client.setQueryData(keys.me, await unwrap(api.POST('/api/login', { body: values })));
    } catch (error) {
      const fault = error instanceof ApiProblem ? error.problem?.errors?.[0] : undefined;
      if (fault?.field === 'email' || fault?.field === 'password') {
        setError(fault.field, { message: fault.detail });
      } else {
        setProblem(error instanceof Error ? error.message : t`Signing in did not work.`);
      }
    }
  };
  return (
    <Box
      component="main"
      sx={{ minHeight: '100dvh', display: 'grid', gridTemplateColumns: { md: '1.1fr 1fr' }, alignItems: 'stretch' }}
    >
      <Box
        sx={{
          display: { xs: 'none', md: 'block' },
          position: 'relative',
          overflow: 'hidden',
          backgroundColor: (t) => t.tokens.panel,
        }}
      >
        <Hills />
      </Box>
      <Stack
        component="form"
        noValidate
        onSubmit={(event) => void handleSubmit(signIn)(event)}
        spacing={2.5}
        sx={{ p: { xs: 3, sm: 8 }, justifyContent: 'center', maxWidth: 560 }}
      >
        <title>{t`Sign in, Kalopsis`}</title>
        <Typography variant="h1">
          <Trans>Kalopsis</Trans>
        </Typography>
        <Typography color="text.secondary">
          <Trans>Plan the repair nobody will see: where the colour must reach, what to mix, and why.</Trans>
        </Typography>
        {problem !== null && (
          <Alert severity="error" variant="outlined">
            {problem}
          </Alert>
        )}
        <TextField
          label={t`E-mail`}
          type="email"
          autoComplete="username"
          autoFocus
          error={formState.errors.email !== undefined}
          helperText={formState.errors.email?.message}
          {...register('email')}
        />
        <TextField
          label={t`Password`}
          type="password"
          autoComplete="current-password"
          error={formState.errors.password !== undefined}
          helperText={formState.errors.password?.message}
          {...register('password')}
        />
        <Button type="submit" variant="contained" size="large" loading={formState.isSubmitting}>
          <Trans>Sign in</Trans>
        </Button>
        <Typography variant="caption" color="text.secondary">
          <Trans>
            A planning aid. Data sheets, safety data sheets and local rules win; refinish work is for trained people.
            Forgotten the password? Ask your lead.
          </Trans>
        </Typography>
      </Stack>
    </Box>
  );
}

/** Distance lines around two repairs that flow into each other, as on a walker's map: what the tool is about. */
function hill(reach: number): string {
  const points: string[] = [];
  const [a, b] = [
    { x: 215, y: 470, r: 30 },
    { x: 330, y: 330, r: 48 },
  ];
  const middle = { x: 280, y: 395 };
  for (let deg = 0; deg < 360; deg += 3) {
    const [dx, dy] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
    // Out from the middle until the softly joined distance to both repairs is the reach.
    let r = 0;
    for (let step = 256; step >= 0.25; step /= 2) {
      const [x, y] = [middle.x + (r + step) * dx, middle.y + (r + step) * dy];
      const [da, db] = [Math.hypot(x - a.x, y - a.y) - a.r, Math.hypot(x - b.x, y - b.y) - b.r];
      const soft = 34;
      const h = Math.max(0, soft - Math.abs(da - db)) / soft;
      r += Math.min(da, db) - (h * h * soft) / 4 < reach ? step : 0;
    }
    points.push(`${(middle.x + r * dx).toFixed(1)} ${(middle.y + r * dy).toFixed(1)}`);
  }
  return `M${points.join('L')}Z`;
}

const HILLS = [62, 90, 124, 165, 214, 272, 340, 420].map(hill);

function Hills() {
  return (
    <Box
      component="svg"
      viewBox="0 0 600 800"
      preserveAspectRatio="xMidYMid slice"
      aria-hidden="true"
      sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', color: (t) => t.tokens.panelLine }}
    >
      {HILLS.map((d, i) => (
        <path
          key={d}
          d={d}
          fill="none"
          stroke="currentColor"
          strokeOpacity={0.95 - i * 0.1}
          strokeWidth={i === 3 ? 3 : 1.3}
          strokeDasharray={i > 5 ? '0.1 6' : undefined}
          strokeLinecap="round"
        />
      ))}
      <circle cx="215" cy="470" r="30" fill="currentColor" fillOpacity="0.55" />
      <circle cx="330" cy="330" r="48" fill="currentColor" fillOpacity="0.55" />
    </Box>
  );
}
