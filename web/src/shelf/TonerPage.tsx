import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { Alert, Box, Button, IconButton, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem } from '../api/client';
import { useShelf } from '../api/queries';
import type { OwnToner, TonerCardRead, TonerWish } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { MaybeNumber } from '../kit/MaybeNumber';
import { useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { faultText } from '../kit/units';
import { TonerChart } from './TonerChart';
import { isFlake, KINDS, pasted } from './tonerKinds';
import { useKeepToner, useReadCards, useTonerFit, useToners } from './useToners';

/** A toner of the shop's own: its name, and the cards or panels that say what it does to light. */
export function TonerPage() {
  const { key } = useParams();
  const bench = useToners();
  if (bench.isError) {
    return <Failed error={bench.error} retry={() => void bench.refetch()} />;
  }
  if (bench.data === undefined) {
    return <Loading what={t`the toners`} />;
  }
  const known = bench.data.toners.find((toner) => toner.key === key);
  return <TonerForm key={key ?? 'new'} known={known} />;
}

function TonerForm({ known }: { known: OwnToner | undefined }) {
  const units = useUnits();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const shelf = useShelf();
  const { keep } = useKeepToner();
  const read = useReadCards();
  const [name, setName] = useState(known?.name ?? search.get('name') ?? '');
  const [kind, setKind] = useState<string>(known?.kind ?? 'shade');
  const [system, setSystem] = useState(known?.system ?? '');
  const [cards, setCards] = useState<TonerCardRead[]>(known?.cards ?? []);
  const [paste, setPaste] = useState('');
  const flake = isFlake(kind);
  const wish: TonerWish = {
    name,
    kind,
    system: system === '' ? null : system,
    cards: cards.map(({ name: card, share, over, spectra }) => ({ name: card, share, over, spectra })),
  };
  const fit = useTonerFit(known?.key ?? null, wish);
  const faults = [keep.error, fit.error].flatMap((e) => (e instanceof ApiProblem ? (e.problem?.errors ?? []) : []));
  const fault = (field: string) => {
    const found = faults.find((f) => f.field === field);
    return found === undefined ? undefined : faultText(found, units);
  };
  const change = (i: number, part: Partial<TonerCardRead>) =>
    setCards((was) => was.map((card, k) => (k === i ? { ...card, ...part } : card)));
  const add = (card: TonerCardRead) => setCards((was) => [...was, { ...card, share: was.length === 0 ? 100 : 10 }]);
  const typed = pasted(paste);
  const general = faults.find((f) => !f.field.startsWith('cards.') && !['name', 'kind', 'system'].includes(f.field));
  const help = flake
    ? t`One panel sprayed with the flakes alone, one with four grams of black in a hundred; read at five angles.`
    : kind === 'white'
      ? t`White is drawn down alone, until it hides. All other toners of the paint are told by it.`
      : t`One card of the toner alone, one with ninety grams of white to ten of it; a third makes it surer. Where it does not hide, read it over the black and over the white of a contrast card.`;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) 380px' },
        gap: 4,
        p: { xs: 2, md: 3 },
      }}
    >
      <title>{t`A toner, Kalopsis`}</title>
      <Stack sx={{ gap: 2.5, minWidth: 0 }}>
        <Box>
          <Button component={RouterLink} to="/shelf#toners" sx={{ px: 0 }}>
            <Trans>Shelf</Trans>
          </Button>
          <Typography variant="h1">{known === undefined ? <Trans>A new toner</Trans> : known.name}</Typography>
        </Box>
        {keep.isError && faults.length === 0 && (
          <Alert severity="error" variant="outlined">
            {keep.error.message}
          </Alert>
        )}
        <Box
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '2fr 1fr 1fr' }, gap: 2, alignItems: 'start' }}
        >
          <TextField
            label={t`Name, as on the tin`}
            value={name}
            onChange={(e) => setName(e.target.value)}
            error={fault('name') !== undefined}
            helperText={fault('name')}
          />
          <TextField select label={t`Kind`} value={kind} onChange={(e) => setKind(e.target.value)}>
            {KINDS.map((k) => (
              <MenuItem key={k.kind} value={k.kind}>
                {k.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={t`Paint system`}
            value={system}
            onChange={(e) => setSystem(e.target.value)}
            error={fault('system') !== undefined}
            helperText={fault('system')}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">{t`any`}</MenuItem>
            {(shelf.data?.paintSystems ?? []).map((s) => (
              <MenuItem key={s.key} value={s.key}>
                {s.name}
              </MenuItem>
            ))}
          </TextField>
        </Box>
        {kind === 'flop-adjuster' ? (
          <Typography color="text.secondary">
            <Trans>Adjusters are poured by name; what they do to flakes no card of them alone can tell.</Trans>
          </Typography>
        ) : (
          <Stack component="section" aria-label={t`Cards`} sx={{ gap: 1.5 }}>
            <Typography variant="h2">{flake ? <Trans>Panels</Trans> : <Trans>Drawdowns</Trans>}</Typography>
            <Typography color="text.secondary">{help}</Typography>
            {cards.map((card, i) => (
              <Stack
                key={i}
                role="group"
                aria-label={t`Card ${i + 1}`}
                direction="row"
                sx={{ gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap' }}
              >
                <Box
                  aria-hidden
                  sx={{ width: 56, height: 56, borderRadius: 1, border: 1, borderColor: 'divider', bgcolor: card.hex }}
                />
                <TextField
                  label={t`Card`}
                  value={card.name}
                  onChange={(e) => change(i, { name: e.target.value })}
                  error={fault(`cards.${i}.spectra`) !== undefined}
                  helperText={fault(`cards.${i}.spectra`)}
                  sx={{ flexGrow: 1, minWidth: 160 }}
                />
                <MaybeNumber
                  label={flake ? t`Flakes in a hundred` : t`Toner in a hundred`}
                  unit="g"
                  value={card.share}
                  error={fault(`cards.${i}.share`)}
                  onCommit={(share) => change(i, { share: share ?? 100 })}
                  width={180}
                />
                {!flake && (
                  <TextField
                    select
                    label={t`Over`}
                    value={card.over}
                    onChange={(e) => change(i, { over: e.target.value as TonerCardRead['over'] })}
                    sx={{ minWidth: 140 }}
                  >
                    <MenuItem value="hiding">{t`it hides`}</MenuItem>
                    <MenuItem value="black">{t`black`}</MenuItem>
                    <MenuItem value="white">{t`white`}</MenuItem>
                  </TextField>
                )}
                <IconButton
                  aria-label={t`Take card ${i + 1} out`}
                  onClick={() => setCards((was) => was.filter((_, k) => k !== i))}
                >
                  <DeleteIcon />
                </IconButton>
              </Stack>
            ))}
            <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
              <FileButton
                label={t`Readings of cards`}
                accept=".csv,.txt,.cxf,.xml,text/csv,text/plain"
                onFile={(file) => read.mutate(file)}
              >
                <Trans>Cards from a file of readings</Trans>
              </FileButton>
              {!flake && (
                <>
                  <TextField
                    label={t`Or paste 31 readings`}
                    value={paste}
                    onChange={(e) => setPaste(e.target.value)}
                    error={paste.trim() !== '' && typed === null}
                    helperText={
                      paste.trim() !== '' && typed === null
                        ? t`That is not 31 numbers.`
                        : t`reflectances from 400 to 700 nm`
                    }
                    sx={{ minWidth: 300, flexGrow: 1 }}
                  />
                  <Button
                    variant="outlined"
                    disabled={typed === null}
                    onClick={() => {
                      if (typed !== null) {
                        add({ name: t`Pasted`, share: 100, over: 'hiding', hex: '#888888', spectra: { '45': typed } });
                        setPaste('');
                      }
                    }}
                  >
                    <Trans>Add it</Trans>
                  </Button>
                </>
              )}
            </Stack>
            {read.isError && (
              <Alert severity="error" variant="outlined">
                {(read.error instanceof ApiProblem ? read.error.problem?.detail : null) ?? read.error.message}
              </Alert>
            )}
            {read.data !== undefined && (
              <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
                <Typography>
                  <Trans>In the file:</Trans>
                </Typography>
                {read.data.samples.map((sample) => (
                  <Button
                    key={sample.name}
                    variant="outlined"
                    startIcon={<Box sx={{ width: 20, height: 20, borderRadius: 0.5, bgcolor: sample.hex }} />}
                    disabled={cards.some((card) => card.name === sample.name)}
                    onClick={() => add(sample)}
                  >
                    {sample.name}
                  </Button>
                ))}
              </Stack>
            )}
            {general !== undefined && cards.length > 0 && (
              <Alert severity="warning" variant="outlined">
                {faultText(general, units)}
              </Alert>
            )}
          </Stack>
        )}
        <Button
          variant="contained"
          loading={keep.isPending}
          disabled={name.trim() === '' || (fit.isError && cards.length > 0)}
          onClick={() =>
            keep.mutate({ key: known?.key ?? null, wish }, { onSuccess: () => void navigate('/shelf#toners') })
          }
          sx={{ alignSelf: 'flex-start' }}
        >
          <Trans>Keep the toner</Trans>
        </Button>
      </Stack>
      <Box>
        {cards.length > 0 && fit.data !== undefined && !fit.isError && <TonerChart fit={fit.data} flake={flake} />}
      </Box>
    </Box>
  );
}
