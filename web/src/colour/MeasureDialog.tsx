import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import type { ColourDesk, ColourSample } from '../api/types';
import { tell } from '../language/tell';
import { typedNumber } from '../kit/typed';
import { VIEWINGS } from '../kit/viewings';
import { ReadWith } from './ReadWith';
import { firstInstrument } from './instruments';
import { samplePath, type DeskDoer } from './useDesk';

const ANGLES: Record<string, readonly number[]> = {
  '45/0': [45],
  '15-45-110': [15, 45, 110],
  '25-45-75': [25, 45, 75],
  '15-25-45-75-110': [15, 25, 45, 75, 110],
  '-15-15-25-45-75-110': [-15, 15, 25, 45, 75, 110],
};
const CHANNELS = ['L*', 'a*', 'b*'];

/** Reads a sample: with the simulated instrument, or typed from a real one. */
export function MeasureDialog({
  jobId,
  desk,
  sample,
  doer,
  onClose,
}: {
  jobId: string;
  desk: ColourDesk;
  sample: ColourSample;
  doer: DeskDoer;
  onClose: () => void;
}) {
  // The simulated one makes colours up: it is offered first only where nothing is painted by it.
  const [how, setHow] = useState<'instrument' | 'typed'>(desk.practice ? 'instrument' : 'typed');
  const [spot, setSpot] = useState(`spot ${(sample.reading?.spots ?? 0) + 1}`);
  const first = firstInstrument(desk, sample);
  const [instrument, setInstrument] = useState(first?.name ?? '');
  const [geometry, setGeometry] = useState(
    sample.reading?.geometry ??
      first?.geometry ??
      desk.samples.find((s) => s.kind === 'car')?.reading?.geometry ??
      (desk.isEffect ? '15-25-45-75-110' : '45/0'),
  );
  const [shots, setShots] = useState('3');
  const [fault, setFault] = useState('none');
  const [surface, setSurface] = useState('polished');
  const [viewing, setViewing] = useState<string>(first?.viewing ?? VIEWINGS[0]);
  const [cells, setCells] = useState<Record<string, string>>({});
  const angles = ANGLES[geometry] ?? [45];
  const problem = doer.problem;
  const faultAt = (field: string) => problem?.problem?.errors?.find((e) => e.field === field)?.detail;
  const send = async () => {
    const answer =
      how === 'instrument'
        ? await doer.run(() =>
            unwrap(
              api.POST('/api/jobs/{job}/colour/samples/{sample}/measure', {
                ...samplePath(jobId, sample.id),
                body: { spot, shots: Number(shots), geometry, fault },
              }),
            ),
          )
        : await doer.run(() => {
            const labs = Object.fromEntries(
              angles.map((a) => [String(a), CHANNELS.map((_, c) => typedNumber(cells[`${a}.${c}`] ?? '') as number)]),
            );
            return unwrap(
              api.POST('/api/jobs/{job}/colour/samples/{sample}/readings', {
                ...samplePath(jobId, sample.id),
                body: { spot, surface, instrument, readings: [{ geometry, viewing, labs }] },
              }),
            );
          });
    if (answer !== null) {
      if (how === 'typed') {
        setCells({});
      }
      onClose();
    }
  };
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="measure-title">
      <DialogTitle id="measure-title">
        <Trans>Read {sample.kind === 'car' ? t`the car` : sample.name}</Trans>
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        <Stack sx={{ gap: 2, pt: 0.5 }}>
          <ToggleButtonGroup
            exclusive
            value={how}
            onChange={(_, v: 'instrument' | 'typed' | null) => v !== null && setHow(v)}
            aria-label={t`Where the reading comes from`}
          >
            <ToggleButton value="instrument">
              <Trans>Simulated instrument</Trans>
            </ToggleButton>
            <ToggleButton value="typed">
              <Trans>Type it in</Trans>
            </ToggleButton>
          </ToggleButtonGroup>
          {how === 'instrument' && (
            <Typography variant="body2" color="text.secondary">
              <Trans>
                It makes its readings up, to learn with.{' '}
                {desk.practice
                  ? t`They may pass here: nothing is painted by this job.`
                  : t`They pass only on a practice job.`}
              </Trans>
            </Typography>
          )}
          {problem !== null && (
            <Alert severity="warning" variant="outlined">
              {problem.problem?.detail ?? problem.message}
            </Alert>
          )}
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              label={t`Spot`}
              value={spot}
              onChange={(e) => setSpot(e.target.value)}
              error={faultAt('spot') !== undefined}
              helperText={faultAt('spot') ?? t`Where on the car`}
              fullWidth
            />
            <TextField
              select
              label={t`Angles`}
              value={geometry}
              onChange={(e) => setGeometry(e.target.value)}
              fullWidth
            >
              {desk.choices.geometries.map((g) => (
                <MenuItem key={g.key} value={g.key}>
                  {tell(g.name)}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
          {how === 'instrument' ? (
            <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
              <TextField
                label={t`Shots`}
                value={shots}
                onChange={(e) => setShots(e.target.value)}
                error={faultAt('shots') !== undefined}
                helperText={faultAt('shots') ?? t`Averaged; 3 to 6 are usual`}
                slotProps={{ htmlInput: { inputMode: 'numeric' } }}
                fullWidth
              />
              <TextField
                select
                label={t`Let it go`}
                value={fault}
                onChange={(e) => setFault(e.target.value)}
                helperText={t`To see what a bad reading does`}
                fullWidth
              >
                {desk.choices.faults.map((f) => (
                  <MenuItem key={f.key} value={f.key}>
                    {tell(f.name)}
                  </MenuItem>
                ))}
              </TextField>
            </Stack>
          ) : (
            <>
              <ReadWith
                instruments={desk.instruments}
                value={instrument}
                onChange={(name) => {
                  setInstrument(name);
                  const known = desk.instruments.find((i) => i.name === name);
                  if (known !== undefined) {
                    setGeometry(known.geometry);
                    setViewing(known.viewing);
                  }
                }}
              />
              <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
                <TextField
                  select
                  label={t`Surface`}
                  value={surface}
                  onChange={(e) => setSurface(e.target.value)}
                  fullWidth
                >
                  {desk.choices.surfaces.map((s) => (
                    <MenuItem key={s.key} value={s.key}>
                      {tell(s.name)}
                    </MenuItem>
                  ))}
                </TextField>
                <TextField
                  select
                  label={t`Light / observer`}
                  value={viewing}
                  onChange={(e) => setViewing(e.target.value)}
                  fullWidth
                >
                  {VIEWINGS.map((l) => (
                    <MenuItem key={l} value={l}>
                      {l}
                    </MenuItem>
                  ))}
                </TextField>
              </Stack>
              <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
                <Typography component="legend" sx={{ mb: 1 }}>
                  <Trans>As the instrument shows it</Trans>
                </Typography>
                {angles.map((a) => (
                  <Stack key={a} direction="row" sx={{ gap: 1, mb: 1, alignItems: 'flex-start' }}>
                    <Typography sx={{ width: 52, pt: 1.5 }}>{a}°</Typography>
                    {CHANNELS.map((c, i) => {
                      const text = cells[`${a}.${i}`] ?? '';
                      const bad = text !== '' && typedNumber(text) === null;
                      const said = i === 0 ? faultAt(`readings.0.labs.${a}`) : undefined;
                      return (
                        <TextField
                          key={c}
                          label={c}
                          value={text}
                          error={bad || said !== undefined}
                          helperText={bad ? t`A number` : said}
                          onChange={(e) => setCells({ ...cells, [`${a}.${i}`]: e.target.value })}
                          slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': t`${c} at ${a} degrees` } }}
                          fullWidth
                        />
                      );
                    })}
                  </Stack>
                ))}
              </Box>
            </>
          )}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Cancel</Trans>
        </Button>
        <Button variant="contained" disabled={doer.busy} onClick={() => void send()}>
          {how === 'instrument' ? t`Take the shots` : t`Add the reading`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
