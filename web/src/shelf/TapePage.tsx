import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, LinearProgress, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { Link as RouterLink, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem } from '../api/client';
import type { Silhouette } from '../api/types';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { Failed, Loading } from '../kit/States';
import { faultText, phraseText } from '../kit/units';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { TapeDrawing } from './TapeDrawing';
import { useFit, useKeepTaped, useSilhouettes, useTaped } from './useTape';

type Lengths = Readonly<Record<string, number>>;

/** A car by tape measure: what kind it is, what the tape says where, and the panels follow. */
export function TapePage() {
  const { key } = useParams();
  const silhouettes = useSilhouettes();
  const before = useTaped(key);
  if (silhouettes.isError || before.isError) {
    const error = silhouettes.error ?? before.error;
    return (
      <Failed
        error={error ?? new Error()}
        retry={() => {
          void silhouettes.refetch();
          void before.refetch();
        }}
      />
    );
  }
  if (silhouettes.data === undefined || (key !== undefined && before.data === undefined)) {
    return <Loading what={t`the silhouettes`} />;
  }
  return (
    <Taped
      silhouettes={silhouettes.data}
      bodyKey={key}
      first={{
        silhouette: before.data?.silhouette ?? 'hatchback',
        name: before.data?.name ?? '',
        lengths: before.data?.lengths ?? {},
      }}
    />
  );
}

function Taped({
  silhouettes,
  bodyKey,
  first,
}: {
  silhouettes: Silhouette[];
  bodyKey: string | undefined;
  first: { silhouette: string; name: string; lengths: Lengths };
}) {
  const units = useUnits();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const [kind, setKind] = useState(first.silhouette);
  const [lengths, setLengths] = useState<Lengths>(first.lengths);
  const [name, setName] = useState(first.name);
  const [active, setActive] = useState<string | null>(null);
  const fit = useFit(kind, lengths);
  const keep = useKeepTaped(kind, bodyKey);
  const silhouette = silhouettes.find((s) => s.key === kind) ?? silhouettes[0];
  const faults = fit.error instanceof ApiProblem ? (fit.error.problem?.errors ?? []) : [];
  const kept = keep.error instanceof ApiProblem ? (keep.error.problem?.errors ?? []) : [];
  const nameFault = kept.find((f) => f.field === 'name');
  useEffect(() => {
    if (active !== null) {
      document.querySelector<HTMLInputElement>(`[data-tape="${active}"] input`)?.focus();
    }
  }, [active]);
  if (silhouette === undefined) {
    return null;
  }
  const save = () =>
    keep.mutate(
      { name: name.trim(), lengths },
      {
        onSuccess: (body) =>
          void navigate(search.get('then') === 'job' ? `/?new&body=${encodeURIComponent(body.key)}` : '/shelf'),
      },
    );
  const typed = new Set(Object.keys(lengths));
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '420px 1fr' }, gap: 3, p: { xs: 2, md: 3 } }}>
      <title>{t`A car by tape, Kalopsis`}</title>
      <Stack sx={{ gap: 2, minWidth: 0 }}>
        <Button component={RouterLink} to="/shelf" sx={{ px: 0, alignSelf: 'flex-start' }}>
          <Trans>Shelf</Trans>
        </Button>
        <Typography variant="h1">
          <Trans>A car by tape measure</Trans>
        </Typography>
        {bodyKey === undefined && (
          <TextField
            select
            label={t`What kind of car`}
            value={kind}
            onChange={(event) => {
              setKind(event.target.value);
              setLengths({});
            }}
          >
            {silhouettes.map((s) => (
              <MenuItem key={s.key} value={s.key}>
                {tell(s.name)}
              </MenuItem>
            ))}
          </TextField>
        )}
        <Typography variant="body2" color="text.secondary">
          <Trans>Type what the tape says, as many or few as you like; what is left out follows the rest.</Trans>
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 1.5 }}>
          {silhouette.tapes.map((tape) => {
            const fault = faults.find((f) => f.field === `lengths.${tape.key}`);
            return (
              <Box key={`${kind} ${tape.key}`} data-tape={tape.key} onFocus={() => setActive(tape.key)}>
                <MaybeQuantity
                  label={phraseText(tape.name, units)}
                  value={lengths[tape.key] ?? null}
                  unit="mm"
                  width={200}
                  error={fault === undefined ? undefined : faultText(fault, units)}
                  onCommit={(mm) =>
                    setLengths((was) => {
                      const others = Object.fromEntries(Object.entries(was).filter(([k]) => k !== tape.key));
                      return mm === null ? others : { ...others, [tape.key]: mm };
                    })
                  }
                />
              </Box>
            );
          })}
        </Box>
        <Typography role="status" variant="body2" sx={{ minHeight: '3em' }}>
          {silhouette.tapes
            .filter((tape) => tape.key === active)
            .map((tape) => (
              <Words key={tape.key} phrase={tape.how} />
            ))}
        </Typography>
        {(fit.data?.remarks ?? []).map((remark) => (
          <Stack key={remark.plain} direction="row" sx={{ gap: 1 }}>
            <SeverityMark severity="look-out" size={18} />
            <Typography variant="body2">
              <Words phrase={remark} />
            </Typography>
          </Stack>
        ))}
        <TextField
          label={t`Name of the car`}
          value={name}
          error={nameFault !== undefined}
          helperText={nameFault?.detail}
          onChange={(event) => setName(event.target.value)}
        />
        {keep.isError && nameFault === undefined && (
          <Alert severity="error" variant="outlined">
            {kept[0]?.detail ?? keep.error.message}
          </Alert>
        )}
        <Button
          variant="contained"
          loading={keep.isPending}
          disabled={name.trim() === '' || fit.isError}
          onClick={save}
          sx={{ alignSelf: 'flex-start' }}
        >
          {search.get('then') === 'job' ? <Trans>Keep it and open a job</Trans> : <Trans>Keep it on the shelf</Trans>}
        </Button>
      </Stack>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ height: 4 }}>{fit.isFetching && <LinearProgress aria-label={t`Fitting the panels`} />}</Box>
        {fit.data !== undefined && <TapeDrawing car={fit.data} typed={typed} active={active} onTape={setActive} />}
        {fit.isError && faults.length === 0 && <Failed error={fit.error} retry={() => void fit.refetch()} />}
      </Box>
    </Box>
  );
}
