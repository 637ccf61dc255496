import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, TextField, Typography } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem } from '../api/client';
import { useBench } from '../bench/useBench';
import { Failed, Loading } from '../kit/States';
import { formatQuantity } from '../kit/units';
import { useUnits } from '../kit/preferences';
import { tell } from '../language/tell';
import { OnTheScale } from './OnTheScale';
import { begin, useMix } from './useMix';

/** A mix that is on the scale, by its address: loaded again, it stands where it stood. */
export function WeighPage() {
  const { id = '', mix } = useParams();
  return mix === undefined ? <BeginPage job={id} /> : <MixPage job={id} mix={mix} />;
}

function MixPage({ job, mix }: { job: string; mix: string }) {
  const held = useMix(job, mix);
  if (held.query.isError) {
    return <Failed error={held.query.error} retry={() => void held.query.refetch()} />;
  }
  return held.query.data === undefined ? (
    <Loading what={t`the mix`} />
  ) : (
    <OnTheScale job={job} mix={held.query.data} does={held.does} happen={held.happen} />
  );
}

/** Before anything is poured: which cup, from which batch. */
function BeginPage({ job }: { job: string }) {
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const units = useUnits();
  const loaded = useBench(job);
  const [batch, setBatch] = useState('');
  const [id] = useState(() => crypto.randomUUID());
  const kind = search.get('kind') === 'formula' ? 'formula' : 'cup';
  const cupId = search.get('cup') ?? '';
  const cardsMl = Math.max(0, Number(search.get('cards') ?? 0) || 0);
  const start = useMutation({
    mutationFn: () => begin(job, { id, cup: cupId, kind, batch: batch.trim(), cardsMl }),
    onSuccess: (mix) => navigate(`/jobs/${job}/weigh/${mix.id}`, { replace: true }),
  });
  if (loaded.state === 'failed') {
    return <Failed error={loaded.error} retry={loaded.retry} />;
  }
  if (loaded.state === 'loading') {
    return <Loading what={t`the cup`} />;
  }
  const cup = loaded.handle.plan.cups.find((c) => c.id === cupId);
  if (cup === undefined) {
    return <Navigate to={`/jobs/${job}/cups`} replace />;
  }
  const { car, colour } = loaded.handle.document;
  const problem = start.error instanceof ApiProblem ? (start.error.problem?.detail ?? start.error.message) : null;
  return (
    <Box component="main" sx={{ maxWidth: 640, mx: 'auto', p: 3 }}>
      <Typography variant="h1">
        {kind === 'formula' ? <Trans>Weigh the toners</Trans> : <Trans>Weigh {tell(cup.name)}</Trans>}
      </Typography>
      <Typography sx={{ mb: 2 }}>
        {car.label}, {colour.name}. {formatQuantity({ value: cup.total.value / cup.count, unit: 'ml' }, units)},{' '}
        {cup.mixture}
      </Typography>
      <Stack
        component="form"
        sx={{ gap: 2, alignItems: 'flex-start' }}
        onSubmit={(event) => {
          event.preventDefault();
          start.mutate();
        }}
      >
        <TextField
          autoFocus
          label={t`Batch of the tins, if you keep it`}
          value={batch}
          onChange={(event) => setBatch(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 60 } }}
          sx={{ width: 340 }}
        />
        <Typography>
          <Trans>Put the empty cup on the scale and set it to nought. Gloves and mask on first.</Trans>
        </Typography>
        {problem !== null && (
          <Typography role="alert" color="error">
            {tell(problem)}
          </Typography>
        )}
        <Stack direction="row" sx={{ gap: 1.5 }}>
          <Button type="submit" variant="contained" size="large" disabled={start.isPending}>
            <Trans>The cup is on: begin</Trans>
          </Button>
          <Button component={Link} to={`/jobs/${job}/cups`} size="large">
            <Trans>Back to Cups</Trans>
          </Button>
        </Stack>
      </Stack>
    </Box>
  );
}
