import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Divider, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import type { ColourDesk, ColourSample, Phrase } from '../api/types';
import { usePreferences } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyFigure } from '../kit/Why';
import { Words } from '../kit/Words';
import { samplePath, type DeskDoer } from './useDesk';

/** What stands between the chosen card and the booth, and the buttons that go past it. */
export function GatePanel({
  jobId,
  desk,
  card,
  doer,
}: {
  jobId: string;
  desk: ColourDesk;
  card: ColourSample | null;
  doer: DeskDoer;
}) {
  const { me } = usePreferences();
  const [reason, setReason] = useState('');
  const [overriding, setOverriding] = useState(false);
  const fault = doer.problem?.problem?.errors?.find((e) => e.field === 'reason')?.detail;
  const done = (ok: unknown) => {
    if (ok !== null) {
      setReason('');
      setOverriding(false);
    }
  };
  if (desk.passed !== null) {
    const by = desk.samples.find((s) => s.id === desk.passed?.sample)?.name;
    return (
      <Box sx={{ mt: 2 }}>
        <Typography variant="h3">
          <Trans>Booth is open</Trans>
        </Typography>
        <Typography variant="body2" sx={{ my: 0.5 }}>
          <Trans>
            {desk.passed.kind === 'override' ? t`The lead decided` : t`${by ?? t`A card`} passed`} for this plan:{' '}
            {desk.passed.by},{' '}
            {new Date(desk.passed.at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })}.
          </Trans>
          {desk.passed.reason !== '' && <> “{desk.passed.reason}”</>}
        </Typography>
        {desk.passed.byEye && (
          <Typography variant="body2" sx={{ mb: 0.5 }}>
            <Trans>By eye: nothing was read. The blend is drawn out for that; a reading is better.</Trans>
          </Typography>
        )}
        {desk.passed.simulated && <Simulated />}
        <Button
          variant="outlined"
          disabled={doer.busy}
          onClick={() =>
            void doer.run(() => unwrap(api.POST('/api/jobs/{job}/colour/close', { params: { path: { job: jobId } } })))
          }
        >
          <Trans>Lock it again</Trans>
        </Button>
      </Box>
    );
  }
  const gate = card?.gate ?? null;
  return (
    <Box sx={{ mt: 2 }}>
      {desk.fallen !== null && <Fallen desk={desk} />}
      {gate !== null && card !== null && (
        <>
          {card.verdict?.need != null && (
            <Typography sx={{ mb: 1 }}>
              <Trans>Blend needed </Trans>
              <WhyFigure figure={card.verdict.need} label={t`Blend needed`} strong />
            </Typography>
          )}
          <Lines phrases={gate.stops} severity="stop" />
          <Lines phrases={gate.questions} severity="look-out" />
          <Lines phrases={gate.notes} severity="note" />
          {card.eyes.length === 0 && <ToTheLooks words={t`Hold the card to the car`} />}
          {gate.open && gate.wantsReason && (
            <TextField
              label={t`Why it passes all the same`}
              value={reason}
              onChange={(e) => setReason(e.target.value)}
              onKeyDown={(e) => e.stopPropagation()}
              fullWidth
              multiline
              error={fault !== undefined}
              helperText={fault}
              sx={{ my: 1 }}
            />
          )}
          <Button
            variant="contained"
            fullWidth
            disabled={!gate.open || card.struck || doer.busy}
            sx={{ mt: 1 }}
            onClick={() =>
              void doer
                .run(() =>
                  unwrap(
                    api.POST('/api/jobs/{job}/colour/samples/{sample}/pass', {
                      ...samplePath(jobId, card.id),
                      body: { reason },
                    }),
                  ),
                )
                .then(done)
            }
          >
            {gate.byEye ? t`Pass this card by eye` : desk.fallen === null ? t`Pass this card` : t`Pass this card again`}
          </Button>
        </>
      )}
      {me.role === 'lead' && (
        <>
          <Divider sx={{ my: 2 }} />
          {overriding ? (
            <Stack sx={{ gap: 1 }}>
              <TextField
                label={t`Reason for the record`}
                value={reason}
                onChange={(e) => setReason(e.target.value)}
                onKeyDown={(e) => e.stopPropagation()}
                multiline
                autoFocus
                error={fault !== undefined}
                helperText={fault}
              />
              <Button
                variant="contained"
                disabled={doer.busy}
                onClick={() =>
                  void doer
                    .run(() =>
                      unwrap(
                        api.POST('/api/jobs/{job}/colour/override', {
                          params: { path: { job: jobId } },
                          body: { reason },
                        }),
                      ),
                    )
                    .then(done)
                }
              >
                <Trans>Open the booth without a card</Trans>
              </Button>
              <Button onClick={() => setOverriding(false)}>
                <Trans>Leave it locked</Trans>
              </Button>
            </Stack>
          ) : (
            <Button variant="outlined" fullWidth onClick={() => setOverriding(true)}>
              <Trans>Lead: open the booth anyway</Trans>
            </Button>
          )}
        </>
      )}
    </Box>
  );
}

/** Where what counts was made up by the simulated instrument. */
export function Simulated() {
  return (
    <Typography variant="body2" sx={{ fontWeight: 700, my: 0.5 }}>
      <Trans>simulated, for practice</Trans>
    </Typography>
  );
}

function ToTheLooks({ words }: { words: string }) {
  return (
    <Button
      variant="outlined"
      fullWidth
      onClick={() => {
        const looks = document.getElementById('looks');
        looks?.scrollIntoView({ block: 'start' });
        looks?.querySelector<HTMLElement>('button')?.focus({ preventScroll: true });
      }}
    >
      {words}
    </Button>
  );
}

/** Why a pass no longer holds, what still does, and what to do about it. */
function Fallen({ desk }: { desk: ColourDesk }) {
  const by = desk.samples.find((s) => s.id === desk.fallen?.sample)?.name ?? t`A card`;
  const because = desk.fallen?.because ?? [];
  return (
    <Box role="status" sx={{ mb: 1.5 }}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        <Trans>{desk.fallen?.kind === 'override' ? t`What the lead decided` : t`${by} passed`} for another plan</Trans>
      </Typography>
      <Lines phrases={because} severity="look-out" />
      {because.length === 0 && (
        <Typography variant="body2">
          <Trans>The plan is not the one it passed for.</Trans>
        </Typography>
      )}
      <Typography variant="body2" sx={{ mb: 1 }}>
        <Trans>
          Its readings and what was seen of it still hold. Hold the card to the car again, then pass it for this plan.
        </Trans>
      </Typography>
      <ToTheLooks words={t`Hold the card to the car again`} />
    </Box>
  );
}

export function Lines({ phrases, severity }: { phrases: readonly Phrase[]; severity: 'stop' | 'look-out' | 'note' }) {
  return (
    <>
      {phrases.map((p, i) => (
        <Stack key={i} direction="row" sx={{ gap: 1, mb: 1, alignItems: 'flex-start' }}>
          <Box sx={{ mt: 0.25 }}>
            <SeverityMark severity={severity} size={16} />
          </Box>
          <Typography variant="body2">
            <Words phrase={p} />
          </Typography>
        </Stack>
      ))}
    </>
  );
}
