import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, Stack, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import { ApiProblem } from '../api/client';
import type { PracticeTold } from '../api/types';
import { useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { faultText, phraseText } from '../kit/units';
import { Asks } from './Asks';
import { Result } from './Result';
import { SprayPanel } from './SprayPanel';
import { useLadder, useStroke, useTold, useTry, type Sprayed } from './usePractice';

export function ScenarioPage() {
  const { key = '' } = useParams();
  const told = useTold(key);
  if (told.isError) {
    return <Failed error={told.error} retry={() => void told.refetch()} />;
  }
  if (told.data === undefined) {
    return <Loading what={t`the scenario`} />;
  }
  return <Scenario key={key} told={told.data} />;
}

/** One repair to practise on: decide, spray, see what it came to, change one thing, again. */
function Scenario({ told }: { told: PracticeTold }) {
  const units = useUnits();
  const ladder = useLadder().data;
  const stroke = useStroke(told.key);
  const attempt = useTry(told.key);
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const [sprayed, setSprayed] = useState<Sprayed | null>(null);
  const result = useRef<HTMLDivElement>(null);
  const problem = attempt.error instanceof ApiProblem ? attempt.error : null;
  const fault = (field: string) => {
    const found = problem?.problem?.errors?.find((e) => e.field === field);
    return found === undefined ? undefined : faultText(found, units);
  };
  const spray = (choices: Record<string, string>) =>
    attempt.mutate(
      { key: crypto.randomUUID(), choices, ...(sprayed ?? {}) },
      { onSuccess: () => result.current?.scrollIntoView({ block: 'nearest' }) },
    );
  const rungs = ladder?.scenarios ?? [];
  const next = rungs[rungs.findIndex((r) => r.key === told.key) + 1];
  const title = phraseText(told.title, units);
  return (
    <Stack direction={{ xs: 'column', lg: 'row' }} sx={{ p: { xs: 2, md: 3 }, gap: 4, alignItems: 'flex-start' }}>
      <title>{t`${title}, Practice bay, Kalopsis`}</title>
      <Stack sx={{ gap: 2.5, width: '100%', flex: '1 1 0', minWidth: 0, maxWidth: { lg: 620 } }}>
        <Box>
          <Button component={RouterLink} to="/practice" sx={{ px: 0 }}>
            <Trans>All scenarios</Trans>
          </Button>
          <Typography variant="h1">{title}</Typography>
          <Typography color="text.secondary">
            {phraseText(told.skillWords, units)}, <Trans>level {told.level}</Trans>
          </Typography>
        </Box>
        <Typography sx={{ fontSize: '1.1rem' }}>{phraseText(told.brief, units)}</Typography>
        <Box component="ul" aria-label={t`What is known`} sx={{ m: 0, pl: 2.5 }}>
          {told.facts.map((fact) => (
            <li key={fact.text}>
              <Typography variant="body2">{phraseText(fact, units)}</Typography>
            </li>
          ))}
        </Box>
        <Asks
          asks={told.asks}
          chosen={chosen}
          fault={(ask) => fault(`choices.${ask}`)}
          onChoose={(ask, option) => setChosen((old) => ({ ...old, [ask]: option }))}
        />
        {told.asks.some((a) => a.options.some((o) => o.held !== null)) && (
          <Typography variant="body2" color="text.secondary">
            <Trans>
              A screen is no light booth: it shows the difference about as large as it is, without sparkle and without
              gloss.
            </Trans>
          </Typography>
        )}
        {told.spray !== null && (
          <SprayPanel
            panel={told.spray}
            hand={sprayed === null ? null : (stroke.data ?? null)}
            busy={stroke.isPending}
            onSprayed={(how) => {
              setSprayed(how);
              stroke.mutate(how);
            }}
            onClear={() => {
              setSprayed(null);
              stroke.reset();
            }}
          />
        )}
        {fault('path') !== undefined && <Typography color="error">{fault('path')}</Typography>}
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
          <Button variant="contained" size="large" disabled={attempt.isPending} onClick={() => spray(chosen)}>
            {attempt.isPending ? <Trans>Spraying</Trans> : <Trans>Spray it</Trans>}
          </Button>
          {attempt.isSuccess && next !== undefined && (
            <Button component={RouterLink} to={`/practice/${next.key}`}>
              <Trans>Next: {phraseText(next.title, units)}</Trans>
            </Button>
          )}
        </Stack>
        {problem !== null && (
          <Alert severity="error" variant="outlined">
            {problem.problem?.errors?.length
              ? t`Something is still to be decided.`
              : (problem.problem?.detail ?? problem.message)}
          </Alert>
        )}
      </Stack>
      <Box
        ref={result}
        sx={{ width: '100%', flex: '1 1 0', minWidth: 0 }}
        role="region"
        aria-label={t`What it came to`}
        aria-live="polite"
      >
        {attempt.data === undefined ? (
          <Typography color="text.secondary" sx={{ pt: { lg: 12 } }}>
            <Trans>
              Once it is sprayed the panel is here, to be walked round. What is true is told then, not before.
            </Trans>
          </Typography>
        ) : (
          <Result
            told={told}
            marked={attempt.data}
            onTry={(ask, option) => {
              const choices = { ...chosen, [ask]: option };
              setChosen(choices);
              spray(choices);
            }}
          />
        )}
      </Box>
    </Stack>
  );
}
