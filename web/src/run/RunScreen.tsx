import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { RunStep } from '../api/types';
import { chime } from '../kit/chime';
import { useUnits } from '../kit/preferences';
import { isTyping } from '../kit/shortcuts';
import { formatQuantity, phraseText } from '../kit/units';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { BackDialog } from './BackDialog';
import { NoteDialog } from './NoteDialog';
import { ReachPicture } from './ReachPicture';
import { leftMin, stepOf, type Replayed } from './replay';
import { StepsLine } from './StepsLine';
import { TopLine } from './TopLine';
import { useAwake } from './useAwake';
import { useAirEvents, useClimate } from './useClimate';
import type { RunHandle } from './useRun';
import { useRunClock } from './useRunClock';
import { WrongDialog } from './WrongDialog';

/** What "wait longer" adds, min. */
const LONGER_MIN = 2;

const MINUTE_MS = 60_000;

/** What is on now: waiting for what came before, ready to begin, or being done. */
type Phase = 'wait' | 'go' | 'do';

function phaseOf(step: RunStep, state: Replayed): Phase {
  const begun = state.done.get(step.id)?.begunMs != null;
  if (begun) {
    return 'do';
  }
  if (step.waitMin != null) {
    return 'wait';
  }
  return step.kind === 'coat' ? 'go' : 'do';
}

export function RunScreen({ handle }: { handle: RunHandle }) {
  const { run, state, happen } = handle;
  const units = useUnits();
  const [search] = useSearchParams();
  const speed = run.practice ? Math.min(600, Math.max(1, Number(search.get('speed') ?? 1) || 1)) : 1;
  const latest = Math.max(
    0,
    ...run.events.map((e) => e.occurredMs),
    ...[...state.done.values()].map((d) => d.doneMs ?? d.begunMs ?? 0),
  );
  const { nowMs, read } = useRunClock(speed, latest);
  const step = stepOf(state);
  const { climate, ask } = useClimate(run.job, run.id, read, speed, step !== undefined);
  const [open, setOpen] = useState<'wrong' | 'note' | 'back' | null>(null);
  const [seen, setSeen] = useState<string | undefined>(undefined);
  useAwake(step !== undefined);
  useAirEvents(run.run, state, climate, ({ temperatureC, humidityPercent, airMPerS }) =>
    happen('climate', { temperatureC, humidityPercent, airMPerS }, read()),
  );

  const phase = step === undefined ? null : phaseOf(step, state);
  const left = step !== undefined && phase === 'wait' ? leftMin(run.run, state, nowMs) : 0;
  const begun = step === undefined ? null : (state.done.get(step.id)?.begunMs ?? null);
  const baking = step?.kind === 'bake' && begun !== null ? Math.max(0, step.minutes - (nowMs - begun) / MINUTE_MS) : 0;
  const over = (phase === 'wait' && left <= 0) || (step?.kind === 'bake' && phase === 'do' && baking <= 0);
  const name = step?.name === undefined ? '' : phraseText(step.name, units);

  // When a wait ends while somebody watches, it is heard and seen.
  const rang = useRef('');
  const flashes = over && step !== undefined;
  useEffect(() => {
    const what = `${step?.id ?? ''} ${phase ?? ''}`;
    if (flashes && rang.current !== what) {
      rang.current = what;
      chime();
    }
  }, [flashes, step?.id, phase]);

  const begin = () => step !== undefined && happen('begin', { step: step.id }, read());
  const done = (answer?: string) =>
    step !== undefined && happen('done', { step: step.id, ...(answer === undefined ? {} : { answer }) }, read());
  const isQuestion = step !== undefined && step.answers.length > 0 && phase === 'do';
  const primary = () => {
    if (step === undefined || isQuestion || open !== null) {
      return;
    }
    if (state.pausedMs !== null) {
      happen('resume', { step: step.id }, read());
    } else if (phase === 'wait' && step.kind === 'wait') {
      done();
    } else if (phase === 'wait' || phase === 'go') {
      begin();
    } else {
      done();
    }
  };
  const press = useRef(primary);
  // Before it is seen: a key pressed on what has just appeared must not mean what was there before.
  useLayoutEffect(() => {
    press.current = primary;
  });
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (event.key === ' ' && !isTyping(event) && !event.repeat) {
        event.preventDefault();
        press.current();
      }
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);

  const onClear = state.steps
    .slice(0, state.at + 1)
    .some((s) => s.coatKind === 'clear' && state.done.get(s.id)?.begunMs != null);
  return (
    <Box
      component="main"
      sx={{
        minHeight: '100dvh',
        display: 'flex',
        flexDirection: 'column',
        px: { xs: 2, md: 3.5 },
        py: 1,
        gap: 1.25,
        backgroundColor: (th) => th.tokens.ground,
      }}
    >
      <title>{t`${name}, ${run.label} ${run.plate}, Kalopsis`}</title>
      <TopLine handle={handle} climate={climate} nowMs={nowMs} speed={speed} read={read} onHand={ask} />
      <StepsLine state={state} />
      {step === undefined ? (
        <Finished handle={handle} />
      ) : (
        <>
          <Box
            sx={{
              flexGrow: 1,
              minHeight: 0,
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
              gap: { xs: 1.5, md: 4 },
            }}
          >
            <Box sx={{ minHeight: 0, display: 'flex', flexDirection: 'column', gap: 1, order: { xs: 2, md: 1 } }}>
              <Box
                sx={{ flexGrow: 1, minHeight: { xs: 180, md: 200 }, maxHeight: { xs: 240, md: 'min(40vh, 400px)' } }}
              >
                <ReachPicture drawing={run.drawing} step={step} />
              </Box>
              {(step.says ?? []).map((says) => (
                <Typography key={says.plain} sx={{ fontSize: '1.05rem', lineHeight: 1.35 }}>
                  <Words phrase={says} />
                </Typography>
              ))}
            </Box>
            <Box sx={{ order: { xs: 1, md: 2 } }}>
              <Typography
                component="h1"
                sx={{ fontSize: { xs: '2.2rem', md: '3.1rem' }, fontWeight: 720, lineHeight: 1.1 }}
                data-testid="step"
              >
                {name}
                {step.again === true && (
                  <Box component="span" sx={{ fontSize: '0.5em', fontWeight: 400 }}>
                    {' '}
                    <Trans>again</Trans>
                  </Box>
                )}
              </Typography>
              <HowLine step={step} />
              <Now
                step={step}
                phase={phase ?? 'do'}
                left={left}
                baking={baking}
                begun={begun}
                paused={state.pausedMs !== null}
              />
            </Box>
          </Box>
          <Stack
            direction={{ xs: 'column-reverse', sm: 'row' }}
            sx={{
              gap: 1.5,
              // On a phone the answers stay under the thumb, whatever is read above.
              position: { xs: 'sticky', sm: 'static' },
              bottom: 0,
              py: { xs: 1, sm: 0 },
              zIndex: 1,
              backgroundColor: (th) => th.tokens.ground,
              '& button': {
                minHeight: { xs: 60, sm: 76 },
                fontSize: { xs: '1.15rem', md: '1.45rem' },
                fontWeight: 700,
              },
            }}
          >
            <Button
              variant="outlined"
              onClick={() => {
                setSeen(undefined);
                setOpen('wrong');
              }}
              sx={{ flex: '1 1 0', color: (th) => th.tokens.lookOut, borderColor: 'currentColor' }}
            >
              <Trans>Something’s wrong</Trans>
            </Button>
            {isQuestion ? (
              <Button
                variant="outlined"
                onClick={() => {
                  done(step.answers[1]);
                  if (step.kind === 'cover') {
                    setSeen('see-through');
                    setOpen('wrong');
                  }
                }}
                sx={{ flex: '1 1 0' }}
              >
                {NO[step.kind] ?? t`No`}
              </Button>
            ) : (
              <Button
                variant="outlined"
                onClick={() =>
                  phase === 'wait'
                    ? happen('wait', { step: step.id, minutes: LONGER_MIN }, read())
                    : happen(state.pausedMs === null ? 'pause' : 'resume', { step: step.id }, read())
                }
                sx={{ flex: '1 1 0' }}
              >
                {phase === 'wait' ? t`Wait longer` : state.pausedMs === null ? t`Pause` : t`Go on`}
              </Button>
            )}
            <Button
              variant="contained"
              data-testid="primary"
              onClick={isQuestion ? () => done(step.answers[0]) : primary}
              sx={{
                flex: '2 1 0',
                ...(phase === 'wait' && !over ? { opacity: 0.82 } : {}),
                ...(flashes
                  ? {
                      animation: 'ended 1.2s ease-in-out 6',
                      '@keyframes ended': { '50%': { filter: 'brightness(1.5)' } },
                    }
                  : {}),
              }}
            >
              {isQuestion
                ? (YES[step.kind] ?? t`Yes`)
                : primaryWords(step, phase ?? 'do', name, state.pausedMs !== null)}
            </Button>
          </Stack>
          <Stack
            direction="row"
            sx={{ gap: 2, flexWrap: 'wrap', justifyContent: 'space-between', alignItems: 'center' }}
          >
            <Box sx={{ flex: '1 1 420px' }}>
              <Typography color="text.secondary" sx={{ fontSize: '0.84rem', lineHeight: 1.35 }}>
                {cautions(step)
                  .map((says) => tell(says))
                  .join(' ')}{' '}
                {isQuestion ? t`Answer by hand: look first.` : t`Space is the big button.`} {tell(run.always)}
              </Typography>
            </Box>
            <Stack direction="row" sx={{ gap: 1 }}>
              <Button disabled={state.at === 0} onClick={() => setOpen('back')}>
                <Trans>Step back</Trans>
              </Button>
              <Button onClick={() => setOpen('note')}>
                <Trans>Note</Trans>
              </Button>
              <Button component={Link} to={`/jobs/${run.job}/booth`}>
                <Trans>Leave</Trans>
              </Button>
            </Stack>
          </Stack>
        </>
      )}
      {open === 'wrong' && (
        <WrongDialog
          defects={run.defects}
          seen={seen}
          onClear={onClear}
          onChoose={(defect, remedy) => {
            happen('wrong', { step: step?.id ?? '', defect, remedy }, read());
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'note' && (
        <NoteDialog
          step={step?.cup != null ? step : state.steps.slice(0, state.at).findLast((s) => s.cup != null)}
          onNote={(text) => happen('note', { step: step?.id ?? '', text }, read())}
          onAmount={(cup, ml) => happen('amount', { step: step?.id ?? '', cup, ml }, read())}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'back' && (
        <BackDialog
          onBack={(reason) => {
            happen('back', { step: state.steps[state.at - 1]?.id ?? '', reason }, read());
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </Box>
  );
}

const YES: Partial<Record<RunStep['kind'], string>> = {
  tack: t`The rag is clean`,
  cover: t`Covered and even`,
  card: t`It matches`,
};

const NO: Partial<Record<RunStep['kind'], string>> = {
  tack: t`Dust on it`,
  cover: t`Not yet`,
  card: t`It is off`,
};

function primaryWords(step: RunStep, phase: Phase, name: string, paused: boolean): string {
  if (paused) {
    return t`Go on`;
  }
  if (phase === 'wait') {
    return step.kind === 'wait'
      ? t`Done: ${name}`
      : step.kind === 'coat'
        ? t`It is ready: begin ${name}`
        : t`It is ready: ${name}`;
  }
  if (phase === 'go') {
    return t`Begin ${name}`;
  }
  return step.kind === 'coat' ? t`Done: ${name} is on` : t`Done: ${name}`;
}

/** Each caution of a step once. */
function cautions(step: RunStep): string[] {
  return [...new Set((step.cautions ?? []).map((c) => c.says))].slice(0, 3);
}

/** Gun and cup in one line each. */
function HowLine({ step }: { step: RunStep }) {
  const units = useUnits();
  if (step.gun === undefined) {
    return null;
  }
  return (
    <Typography sx={{ fontSize: { xs: '1.2rem', md: '1.55rem' }, lineHeight: 1.35, mt: 0.5 }}>
      {formatQuantity(step.gun.pressure, units)}
      {'\u2002'}
      {formatQuantity(step.gun.distance, units)}
      {'\u2002'}
      <Trans>overlap {formatQuantity(step.gun.overlap, units)}</Trans>
      <br />
      {step.cup != null && (
        <Trans>
          {tell(step.cup.name)}, {step.cup.mixture}, about {formatQuantity(step.cup.ml, units)}
        </Trans>
      )}
      {(step.panels ?? []).length > 0 && (
        <>
          <br />
          {(step.panels ?? []).map((p) => tell(p)).join(', ')}
        </>
      )}
    </Typography>
  );
}

const clock = (minutes: number): string => {
  const seconds = Math.max(0, Math.ceil(minutes * 60 - 1e-6));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

/** The largest thing on the screen: how long still, or what is asked. */
function Now({
  step,
  phase,
  left,
  baking,
  begun,
  paused,
}: {
  step: RunStep;
  phase: Phase;
  left: number;
  baking: number;
  begun: number | null;
  paused: boolean;
}) {
  const big = {
    fontSize: { xs: '4.4rem', md: '6.6rem' },
    fontWeight: 740,
    lineHeight: 1,
    fontVariantNumeric: 'tabular-nums',
  };
  if (paused) {
    return (
      <Typography sx={{ ...big, mt: 2 }} role="timer">
        <Trans>Paused</Trans>
      </Typography>
    );
  }
  if (phase === 'wait') {
    return (
      <Box sx={{ mt: 2 }}>
        <Typography sx={{ fontSize: '1.2rem' }} color="text.secondary">
          {step.after != null ? (
            <Trans>
              <Words phrase={step.after} /> should be ready in
            </Trans>
          ) : (
            <Trans>Wait</Trans>
          )}
        </Typography>
        <Typography sx={big} role="timer" data-testid="countdown">
          {left === Infinity ? '\u2013' : left > 0 ? clock(left) : t`Look now`}
        </Typography>
        {left === Infinity && (
          <Typography sx={{ fontSize: '1.1rem' }}>
            <Trans>It does not dry in this air: warm it, dry it or move it.</Trans>
          </Typography>
        )}
        {step.look != null && (
          <Typography sx={{ fontSize: '1.15rem', mt: 0.5 }}>
            <Words phrase={step.look} />
          </Typography>
        )}
      </Box>
    );
  }
  if (step.asks !== undefined && step.answers.length > 0) {
    return (
      <Typography
        sx={{ fontSize: { xs: '1.4rem', md: '1.9rem' }, lineHeight: 1.3, mt: 2, fontWeight: 560 }}
        data-testid="asks"
      >
        <Words phrase={step.asks} />
      </Typography>
    );
  }
  if (step.kind === 'bake' && begun !== null) {
    return (
      <Typography sx={{ ...big, mt: 2 }} role="timer" data-testid="countdown">
        {baking > 0 ? clock(baking) : t`Look now`}
      </Typography>
    );
  }
  return step.minutes > 0 ? (
    <Typography sx={{ fontSize: '1.25rem', mt: 2 }} color="text.secondary">
      <Trans>About {formatQuantity({ value: Math.max(1, step.minutes), unit: 'min' }, 'metric')} of work</Trans>
    </Typography>
  ) : null;
}

function Finished({ handle }: { handle: RunHandle }) {
  const { run, waiting } = handle;
  return (
    <Stack sx={{ flexGrow: 1, justifyContent: 'center', alignItems: 'flex-start', gap: 2 }}>
      <Typography component="h1" sx={{ fontSize: { xs: '2.2rem', md: '3.4rem' }, fontWeight: 720 }} data-testid="step">
        <Trans>Out of the booth</Trans>
      </Typography>
      <Typography sx={{ fontSize: '1.3rem' }}>
        {waiting > 0 ? (
          <Trans>Kept on this tablet until the shop computer answers. Do not clear the browser.</Trans>
        ) : (
          <Trans>What really happened is kept with the car.</Trans>
        )}
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <Button variant="contained" component={Link} to={`/jobs/${run.job}/runs/${run.id}/record`}>
          <Trans>See the record</Trans>
        </Button>
        <Button component={Link} to={`/jobs/${run.job}/booth`}>
          <Trans>Back to the job</Trans>
        </Button>
      </Stack>
    </Stack>
  );
}
