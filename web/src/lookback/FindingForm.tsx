import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  ButtonBase,
  FormHelperText,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { LookBack } from '../api/types';
import { ApiProblem } from '../api/client';
import { DefectPicture } from '../kit/DefectPicture';
import { useUnits } from '../kit/preferences';
import { metres } from './metres';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import type { Spot } from './LookMap';
import { useLooked } from './useLookBack';

const DISTANCES_M = [0.5, 1, 2, 3, 5];

/** Under which light and from where it was looked at; what is seen, by its picture; or that nothing is. */
export function FindingForm({
  job,
  look,
  spot,
  panelName,
  onKept,
}: {
  job: string;
  look: LookBack;
  spot: Spot | null;
  panelName: (id: string) => string;
  onKept: (key: string | null) => void;
}) {
  const units = useUnits();
  const looked = useLooked(job);
  const [light, setLight] = useState<string>(look.lights[0]?.key ?? '');
  const [distanceM, setDistance] = useState(3);
  const [defect, setDefect] = useState<string | null>(null);
  const [note, setNote] = useState('');
  // The same for every try, so that a second press after a lost answer keeps it once.
  const [key, setKey] = useState(() => crypto.randomUUID());
  const chosen = look.defects.find((d) => d.key === defect);
  const done = (kept: string | null) => {
    setKey(crypto.randomUUID());
    setDefect(null);
    setNote('');
    onKept(kept);
  };
  const keep = () => {
    if (chosen !== undefined) {
      looked.mutate(
        {
          key,
          kind: 'finding',
          defect: chosen.key,
          light,
          distanceM,
          ...(spot === null ? {} : { panel: spot.panel, xMm: spot.xMm, yMm: spot.yMm }),
          ...(note === '' ? {} : { note }),
        },
        { onSuccess: () => done(key) },
      );
    }
  };
  const clean = () => looked.mutate({ key, kind: 'clean', light, distanceM }, { onSuccess: () => done(null) });
  return (
    <Box component="section" aria-label={t`Look at it`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>Look at it</Trans>
      </Typography>
      <Stack sx={{ gap: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          value={light}
          aria-label={t`Light`}
          onChange={(_, next: string | null) => next !== null && setLight(next)}
          sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr' }}
        >
          {look.lights.map((l) => (
            <ToggleButton key={l.key} value={l.key}>
              {tell(l.words)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <ToggleButtonGroup
          exclusive
          value={distanceM}
          aria-label={t`From how far`}
          onChange={(_, next: number | null) => next !== null && setDistance(next)}
        >
          {DISTANCES_M.map((m) => (
            <ToggleButton key={m} value={m}>
              {metres(m, units)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {look.clean !== null && (
          <Typography role="status">
            <Trans>
              Nothing seen: {tell(look.lights.find((l) => l.key === look.clean?.light)?.words ?? '')}, from{' '}
              {metres(look.clean.distanceM, units)}, {look.clean.by}.
            </Trans>
          </Typography>
        )}
        {chosen === undefined ? (
          <>
            <Button
              variant={look.findings.length === 0 && look.clean === null ? 'contained' : 'outlined'}
              onClick={clean}
              disabled={looked.isPending}
              sx={{ alignSelf: 'flex-start' }}
            >
              <Trans>Nothing is seen in this light</Trans>
            </Button>
            <Typography>
              <Trans>Or choose what is seen:</Trans>
            </Typography>
            <Box
              role="group"
              aria-label={t`What do you see?`}
              sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(118px, 1fr))', gap: 1 }}
            >
              {look.defects.map((d) => (
                <ButtonBase
                  key={d.key}
                  onClick={() => setDefect(d.key)}
                  sx={{
                    flexDirection: 'column',
                    p: 0.75,
                    gap: 0.5,
                    border: (th) => `1px solid ${th.tokens.line}`,
                    '&:hover': { backgroundColor: (th) => th.tokens.raised },
                  }}
                >
                  <DefectPicture of={d.picture} />
                  <Typography variant="body2">
                    <Words phrase={d.name} />
                  </Typography>
                </ButtonBase>
              ))}
            </Box>
          </>
        ) : (
          <>
            <Stack direction="row" sx={{ gap: 1.5, alignItems: 'center' }}>
              <DefectPicture of={chosen.picture} />
              <Box>
                <Typography sx={{ fontWeight: 680 }}>
                  <Words phrase={chosen.name} />
                </Typography>
                <Typography variant="body2">
                  <Words phrase={chosen.looks} />
                </Typography>
              </Box>
            </Stack>
            <TextField
              label={t`Note`}
              value={note}
              onChange={(event) => setNote(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 500 } }}
              multiline
            />
            <Typography variant="body2" color="text.secondary">
              {spot === null ? (
                <Trans>Press on the map where it is seen, or keep it without a place.</Trans>
              ) : (
                <Trans>Marked on {panelName(spot.panel)}; arrow keys move the mark.</Trans>
              )}
            </Typography>
          </>
        )}
        {looked.isError && (
          <FormHelperText error role="alert">
            {looked.error instanceof ApiProblem && looked.error.isOffline
              ? t`The shop computer does not answer. What you chose is still here; press again.`
              : looked.error.message}
          </FormHelperText>
        )}
        {chosen !== undefined && (
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" onClick={keep} disabled={looked.isPending}>
              <Trans>
                Keep: <Words phrase={chosen.name} />
              </Trans>
            </Button>
            <Button onClick={() => setDefect(null)}>
              <Trans>Something else</Trans>
            </Button>
          </Stack>
        )}
      </Stack>
    </Box>
  );
}
