import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, Stack, TextField, Typography } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import type { ColourSample, Correction } from '../api/types';
import { useGrams, usePreferences, useUnits } from '../kit/preferences';
import { parseGrams, phraseText } from '../kit/units';
import { tell } from '../language/tell';
import { Strip } from './Ribbon';
import { samplePath, type DeskDoer } from './useDesk';

/** Up to three ways to bring the card's cup nearer to the car. */
export function TintPanel({
  jobId,
  card,
  car,
  doer,
  onShoot,
}: {
  jobId: string;
  card: ColourSample;
  car: ColourSample;
  doer: DeskDoer;
  onShoot: (id: string) => void;
}) {
  const { weights } = usePreferences();
  const weight = useGrams();
  const [typed, setTyped] = useState<string | null>(null);
  const grams = typed === null ? (card.formula?.totalGrams ?? 200) : parseGrams(typed, weights);
  const unreadable = grams === null || grams < 1;
  const ask = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/jobs/{job}/colour/samples/{sample}/tint', {
          ...samplePath(jobId, card.id),
          body: { cupGrams: grams },
        }),
      ),
  });
  const adopt = (place: number) =>
    void doer
      .run(() =>
        unwrap(
          api.POST('/api/jobs/{job}/colour/samples/{sample}/tint/{place}', {
            params: { path: { job: jobId, sample: card.id, place } },
            body: { cupGrams: ask.data?.cupGrams ?? grams },
          }),
        ),
      )
      .then((desk) => {
        const newest = desk?.samples.filter((s) => s.kind === 'card').at(-1);
        if (newest !== undefined) {
          onShoot(newest.id);
        }
      });
  return (
    <Box component="section" aria-label={t`Tint advice`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Tint advice</Trans>
      </Typography>
      {card.formula !== null && (
        <Typography variant="body2" color="text.secondary" sx={{ mb: 1.5 }}>
          <Trans>In the cup{card.formula.number === null ? '' : t`, formula ${card.formula.number}`}: </Trans>
          {card.formula.toners.map((t) => `${t.name} ${weight(t.grams)}`).join(', ')}.
        </Typography>
      )}
      <Stack direction="row" sx={{ gap: 1.5, alignItems: 'flex-start', mb: 2, flexWrap: 'wrap' }}>
        <TextField
          label={t`Toners in the cup now, ${weights}`}
          value={typed ?? weight(grams ?? 0).replace(/ .*/, '')}
          error={unreadable}
          helperText={unreadable ? t`Type a weight, like ${weight(180)}.` : undefined}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => e.stopPropagation()}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          sx={{ width: 200 }}
        />
        <Button variant="contained" disabled={unreadable || ask.isPending} onClick={() => ask.mutate()}>
          {ask.isPending ? t`Searching` : t`How to tint it`}
        </Button>
      </Stack>
      {ask.isError && (
        <Alert severity="warning" variant="outlined">
          {ask.error.message}{' '}
          {'problem' in ask.error ? (ask.error as { problem: { detail?: string } | null }).problem?.detail : ''}
        </Alert>
      )}
      {ask.data !== undefined && ask.data.says !== '' && (
        <Typography sx={{ mb: 1.5 }}>{tell(ask.data.says)}</Typography>
      )}
      {ask.data !== undefined && ask.data.corrections.length > 0 && (
        <>
          <Box
            sx={{
              display: 'grid',
              gap: 1.5,
              gridTemplateColumns: { md: `repeat(${ask.data.corrections.length}, 1fr)` },
            }}
          >
            {ask.data.corrections.map((c, i) => (
              <CorrectionCard key={i} correction={c} car={car} place={i} busy={doer.busy} onAdopt={() => adopt(i)} />
            ))}
          </Box>
          <Typography variant="caption" component="p" color="text.secondary" sx={{ mt: 1 }}>
            {ask.data.source}
          </Typography>
        </>
      )}
    </Box>
  );
}

function CorrectionCard({
  correction: c,
  car,
  place,
  busy,
  onAdopt,
}: {
  correction: Correction;
  car: ColourSample;
  place: number;
  busy: boolean;
  onAdopt: () => void;
}) {
  const units = useUnits();
  const weight = useGrams();
  return (
    <Stack
      component="article"
      aria-label={t`Correction ${place + 1}`}
      sx={{
        border: (t) => `1px solid ${t.tokens.line}`,
        borderRadius: 1.5,
        backgroundColor: (t) => t.tokens.surface,
        p: 1.75,
        gap: 1,
      }}
    >
      <Typography variant="h3">{c.isRemix ? t`Weigh it again` : place === 0 ? t`First choice` : t`Or`}</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {c.pours
          .filter((p) => Math.abs(p.grams) >= 0.05)
          .map((p) => (
            <Box
              component="li"
              key={p.key}
              sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, fontSize: '1.1rem' }}
            >
              <span>{p.name}</span>
              <strong>
                {p.grams > 0 ? '+' : '\u2212'}
                {weight(Math.abs(p.grams))}
              </strong>
            </Box>
          ))}
      </Box>
      {car.reading !== null && (
        <Box sx={{ p: 0.75, backgroundColor: (t) => t.tokens.plate }}>
          <Strip
            colours={car.reading.angles.filter((a) => c.predicted.some((p) => p.angle === a.angle))}
            label={t`The car`}
            height={20}
          />
          <Strip colours={c.predicted} label={t`Predicted`} height={20} />
        </Box>
      )}
      <Typography>
        <strong>
          {c.before.toFixed(1)} → {c.after.toFixed(1)}
        </strong>{' '}
        <Typography component="span" variant="body2" color="text.secondary">
          <Trans>off over all angles, predicted</Trans>
        </Typography>
      </Typography>
      <Typography variant="body2" sx={{ flexGrow: 1 }}>
        {c.does.map((d) => phraseText(d, units)).join('; ')}.
      </Typography>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          {c.isRemix ? t`Another cup` : t`Cup then`}: {weight(c.totalGrams)} of toners
        </Trans>
      </Typography>
      <Button variant={place === 0 ? 'contained' : 'outlined'} disabled={busy} onClick={onAdopt}>
        <Trans>Take it, shoot a card</Trans>
      </Button>
    </Stack>
  );
}
