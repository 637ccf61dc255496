import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, ButtonBase, LinearProgress, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useShelf } from '../api/queries';
import { ApiProblem } from '../api/client';
import type { ModelTestKind } from '../api/types';
import { usePreferences, useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { faultText } from '../kit/units';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { CupLeftForm } from './CupLeftForm';
import { FadePanelForm } from './FadePanelForm';
import { FadeSheetForm } from './FadeSheetForm';
import { FlashTimeForm } from './FlashTimeForm';
import { Found } from './Found';
import { HidingCardForm } from './HidingCardForm';
import { KindPicture } from './KindPicture';
import { TestList } from './TestList';
import { TonerCardForm } from './TonerCardForm';
import { useCalibration, useTests, type TestBody } from './useCalibration';

const FORMS = {
  'hiding-card': HidingCardForm,
  'fade-panel': FadePanelForm,
  'fade-sheet': FadeSheetForm,
  'cup-left': CupLeftForm,
  'flash-time': FlashTimeForm,
  'toner-card': TonerCardForm,
} satisfies Record<ModelTestKind, unknown>;

const today = () => new Date().toLocaleDateString('en-CA');

/** The workshop's own tests of the model: how each is made, what it read, and what all of them say together. */
export function CalibrationPage() {
  const units = useUnits();
  const { me } = usePreferences();
  const state = useCalibration();
  const shelf = useShelf();
  const tests = useTests();
  const [kind, setKind] = useState<ModelTestKind>('hiding-card');
  const [on, setOn] = useState(today);
  // The same for every try, so that a second press after a lost answer keeps it once.
  const [key, setKey] = useState(() => crypto.randomUUID());
  if (state.isError || shelf.isError) {
    return (
      <Failed error={state.error ?? shelf.error} retry={() => void Promise.all([state.refetch(), shelf.refetch()])} />
    );
  }
  if (state.data === undefined || shelf.data === undefined) {
    return <Loading what={t`the tests`} />;
  }
  const { colours } = shelf.data;
  const mayChange = me.role !== 'apprentice';
  const problem = tests.add.error instanceof ApiProblem ? tests.add.error : null;
  const fault = (field: string) => {
    const found = problem?.problem?.errors?.find((e) => e.field === field);
    return found === undefined ? undefined : faultText(found, units);
  };
  const take = (body: TestBody) =>
    tests.add.mutate({ key, on, body }, { onSuccess: () => setKey(crypto.randomUUID()) });
  const chosen = state.data.kinds.find((k) => k.kind === kind);
  const Form = FORMS[kind];
  const busy = tests.add.isPending || tests.gather.isPending || tests.count.isPending;
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 3 }}>
      <title>{t`Tests of the model, Kalopsis`}</title>
      <Box>
        <Typography variant="h1">
          <Trans>Tests of the model</Trans>
        </Typography>
        <Typography sx={{ maxWidth: '68ch' }}>
          <Trans>
            The model takes what the trade usually sees. A card, a panel or a watch tells it what your paint, your booth
            and your eyes do; from then on every plan counts with that, and is surer.
          </Trans>
        </Typography>
      </Box>
      <Stack direction={{ xs: 'column', lg: 'row' }} sx={{ gap: 4, alignItems: 'flex-start' }}>
        <Stack sx={{ gap: 2, flex: '1 1 0', minWidth: 0, width: '100%' }}>
          <Box
            role="radiogroup"
            aria-label={t`Which test`}
            sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(130px, 1fr))', gap: 1 }}
          >
            {state.data.kinds.map((k) => (
              <ButtonBase
                key={k.kind}
                role="radio"
                aria-checked={k.kind === kind}
                onClick={() => {
                  setKind(k.kind);
                  tests.add.reset();
                }}
                sx={{
                  flexDirection: 'column',
                  p: 1,
                  gap: 0.5,
                  minHeight: 92,
                  border: (th) => `2px solid ${k.kind === kind ? th.tokens.press : th.tokens.line}`,
                  backgroundColor: (th) => (k.kind === kind ? th.tokens.raised : 'transparent'),
                }}
              >
                <KindPicture kind={k.kind} />
                <Typography variant="body2">
                  <Words phrase={k.text} />
                </Typography>
              </ButtonBase>
            ))}
          </Box>
          {chosen !== undefined && (
            <Box component="section" aria-label={tell(chosen.text.text)}>
              <Typography sx={{ mb: 2, maxWidth: '68ch' }}>
                <Words phrase={chosen.how} />
              </Typography>
              {mayChange ? (
                <Stack sx={{ gap: 2 }}>
                  <TextField
                    type="date"
                    label={t`Made on`}
                    value={on}
                    error={fault('on') !== undefined}
                    helperText={fault('on')}
                    onChange={(event) => setOn(event.target.value)}
                    slotProps={{ inputLabel: { shrink: true } }}
                    sx={{ width: 190 }}
                  />
                  <Form
                    key={kind + key}
                    shelf={shelf.data}
                    state={state.data}
                    busy={busy}
                    fault={fault}
                    onTake={take}
                  />
                </Stack>
              ) : (
                <Typography>
                  <Trans>A painter or a lead takes tests in: they change every plan of the workshop.</Trans>
                </Typography>
              )}
              <Box role="status" sx={{ mt: 1.5 }}>
                {problem !== null && (
                  <Alert severity="error" variant="outlined">
                    {problem.problem?.errors?.length
                      ? t`Look at the marked fields.`
                      : (problem.problem?.detail ?? problem.message)}
                  </Alert>
                )}
                {tests.add.isSuccess && (
                  <Typography>
                    <Trans>Taken in. Every plan counts with it from now on.</Trans>
                  </Typography>
                )}
              </Box>
            </Box>
          )}
          <Stack direction="row" className="no-print" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button component={RouterLink} to="/calibration/cards" variant="outlined">
              <Trans>Print test cards</Trans>
            </Button>
            {mayChange && (
              <Button variant="outlined" disabled={busy} onClick={() => tests.gather.mutate()}>
                <Trans>Take in what runs and cards recorded</Trans>
              </Button>
            )}
          </Stack>
        </Stack>
        <Stack sx={{ gap: 4, flex: '1 1 0', minWidth: 0, width: '100%', maxWidth: { lg: 620 } }}>
          <Box sx={{ height: 4 }}>{busy && <LinearProgress aria-label={t`Working it out`} />}</Box>
          <Found
            state={state.data}
            colours={(subject) =>
              colours.find((c) => [c.code, c.name].some((n) => n.toLowerCase() === subject))?.name ?? subject
            }
          />
          <TestList
            tests={state.data.tests}
            mayChange={mayChange}
            busy={busy}
            onCount={(id, counts) => tests.count.mutate({ id, counts })}
          />
        </Stack>
      </Stack>
    </Stack>
  );
}
