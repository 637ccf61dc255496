import { zodResolver } from '@hookform/resolvers/zod';
import { Alert, Box, Button, Stack, TextField, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys } from '../api/queries';

const form = z.object({
  email: z.string().min(1, 'Type your e-mail address.'),
  password: z.string().min(1, 'Type your password.'),
});
type SignIn = z.infer<typeof form>;

export function LoginPage() {
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const { register, handleSubmit, setError, formState } = useForm<SignIn>({
    resolver: zodResolver(form),
    defaultValues: { email: '', password: '' },
  });
  const signIn = async (values: SignIn) => {
    setProblem(null);
    try {
      client.setQueryData(keys.me, await unwrap(api.POST('/api/login', { body: values })));
    } catch (error) {
      const fault = error instanceof ApiProblem ? error.problem?.errors?.[0] : undefined;
      if (fault?.field === 'email' || fault?.field === 'password') {
        setError(fault.field, { message: fault.detail });
      } else {
        setProblem(error instanceof Error ? error.message : 'Signing in did not work.');
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
        <Typography variant="h1">Kalopsis</Typography>
        <Typography color="text.secondary">
          Plan the repair nobody will see: where the colour must reach, what to mix, and why.
        </Typography>
        {problem !== null && (
          <Alert severity="error" variant="outlined">
            {problem}
          </Alert>
        )}
        <TextField
          label="E-mail"
          type="email"
          autoComplete="username"
          autoFocus
          error={formState.errors.email !== undefined}
          helperText={formState.errors.email?.message}
          {...register('email')}
        />
        <TextField
          label="Password"
          type="password"
          autoComplete="current-password"
          error={formState.errors.password !== undefined}
          helperText={formState.errors.password?.message}
          {...register('password')}
        />
        <Button type="submit" variant="contained" size="large" loading={formState.isSubmitting}>
          Sign in
        </Button>
        <Typography variant="caption" color="text.secondary">
          A planning aid. Data sheets, safety data sheets and local rules win; refinish work is for trained people.
          Forgotten the password? Ask your lead.
        </Typography>
      </Stack>
    </Box>
  );
}

/** Reaches of five coats around a repair, drawn as heights on a walker's map: what the tool is about. */
function Hills() {
  return (
    <Box
      component="svg"
      viewBox="0 0 600 800"
      preserveAspectRatio="xMidYMid slice"
      aria-hidden="true"
      sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', color: (t) => t.tokens.panelLine }}
    >
      {[60, 110, 165, 225, 290, 360, 435, 515].map((r, i) => (
        <path
          key={r}
          d={`M${250 + r} 430 C${260 + r} ${430 + r * 0.62} ${250 + r * 0.5} ${420 + r} 250 ${430 + r * 0.96} C${250 - r * 0.62} ${430 + r} ${240 - r} ${440 + r * 0.5} ${250 - r} 425 C${245 - r} ${430 - r * 0.6} ${250 - r * 0.55} ${425 - r} 255 ${430 - r} C${250 + r * 0.6} ${432 - r} ${248 + r} ${430 - r * 0.55} ${250 + r} 430Z`}
          fill="none"
          stroke="currentColor"
          strokeOpacity={0.9 - i * 0.1}
          strokeWidth={i === 0 ? 3 : 1.4}
        />
      ))}
      <circle cx="250" cy="430" r="26" fill="currentColor" fillOpacity="0.6" />
    </Box>
  );
}
