import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import TimerIcon from '@mui/icons-material/TimerOutlined';
import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import { useShelf } from '../api/queries';
import type { ViscosityRead } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { QuantityField } from '../kit/QuantityField';
import { formatQuantity } from '../kit/units';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { useStopwatch } from './useStopwatch';

/** A flow cup and a stopwatch, or what runs off the stick, against the window of a mix of this plan. */
export function ViscosityDialog({ handle, onClose }: { handle: BenchHandle; onClose: () => void }) {
  const shelf = useShelf();
  const mixes = handle.plan.cups.filter((cup) => cup.viscosity !== null);
  const [of, setOf] = useState(mixes[0]?.id ?? '');
  const window = mixes.find((cup) => cup.id === of)?.viscosity ?? null;
  const [cup, setCup] = useState(window?.key ?? 'din-4');
  const [typed, setTyped] = useState('');
  const [stick, setStick] = useState('');
  const [celsius, setCelsius] = useState(handle.document.booth.temperatureC);
  const watch = useStopwatch();
  const read = useMutation({
    mutationFn: (what: { seconds: number } | { stick: string }) =>
      unwrap(
        api.POST('/api/viscosity', {
          body: {
            celsius,
            ...('stick' in what ? what : { cup, ...what }),
            ...(window === null
              ? {}
              : { window: { cup: window.key, seconds: [window.from, window.to], celsius: window.atC ?? 20 } }),
          },
        }),
      ),
  });
  const ask = (seconds: number) => {
    setStick('');
    read.mutate({ seconds });
  };
  const press = () => {
    const seconds = watch.press();
    if (seconds !== null) {
      setTyped(seconds.toFixed(1));
      ask(Math.round(seconds * 10) / 10);
    }
  };
  const fault = (field: string) =>
    read.error instanceof ApiProblem ? read.error.problem?.errors?.find((f) => f.field === field)?.detail : undefined;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="viscosity-title">
      <DialogTitle id="viscosity-title">
        <Trans>Check viscosity</Trans>
      </DialogTitle>
      <DialogContent>
        <Stack sx={{ gap: 2, pt: 1 }}>
          <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
            <TextField select label={t`Mix`} value={of} onChange={(e) => setOf(e.target.value)} sx={{ width: 220 }}>
              {mixes.map((m) => (
                <MenuItem key={m.id} value={m.id}>
                  {tell(m.name)}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              select
              label={t`Flow cup`}
              value={cup}
              onChange={(e) => setCup(e.target.value)}
              sx={{ width: 150 }}
            >
              {(shelf.data?.flowCups ?? [{ key: cup, name: cup, standard: '' }]).map((c) => (
                <MenuItem key={c.key} value={c.key}>
                  {c.name}
                </MenuItem>
              ))}
            </TextField>
            <QuantityField
              label={t`Paint is at`}
              value={celsius}
              unit="degC"
              width={130}
              error={fault('celsius')}
              onCommit={setCelsius}
            />
          </Stack>
          <Button
            variant="contained"
            size="large"
            startIcon={<TimerIcon />}
            onClick={press}
            sx={{ minHeight: 96, fontSize: '2rem', fontVariantNumeric: 'tabular-nums' }}
          >
            {watch.running ? t`${watch.seconds.toFixed(1)} s: stop when the stream breaks` : t`Start as the cup runs`}
          </Button>
          <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
            <TextField
              label={t`or type the seconds`}
              value={typed}
              error={fault('seconds') !== undefined}
              helperText={fault('seconds')}
              onChange={(e) => setTyped(e.target.value)}
              onKeyDown={(e) => {
                if (e.key === 'Enter' && typed.trim() !== '') {
                  ask(Number(typed.replace(',', '.')));
                }
                e.stopPropagation();
              }}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
              sx={{ width: 170 }}
            />
            <TextField
              select
              label={t`or what runs off the stick`}
              value={stick}
              onChange={(e) => {
                setStick(e.target.value);
                read.mutate({ stick: e.target.value });
              }}
              sx={{ width: 280 }}
            >
              {(shelf.data?.sticks ?? []).map((s) => (
                <MenuItem key={s.key} value={s.key}>
                  {tell(s.name)}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
          {read.data !== undefined && <Answer read={read.data} />}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Close</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Answer({ read }: { read: ViscosityRead }) {
  const units = useUnits();
  return (
    <Box role="status">
      <Typography variant="h3">
        <Words phrase={read.says} />
      </Typography>
      <Typography>
        {read.rough ? (
          <Trans>
            Roughly {read.low} to {read.high} mm²/s, {read.corrected} in the middle at{' '}
            {formatQuantity({ value: read.atCelsius, unit: 'degC' }, units)}. A stick is a rough reading; a flow cup is
            better.
          </Trans>
        ) : (
          <Trans>
            {read.mm2PerS} mm²/s; at {formatQuantity({ value: read.atCelsius, unit: 'degC' }, units)} about{' '}
            {read.corrected} mm²/s.
          </Trans>
        )}
      </Typography>
      {!read.holds && (
        <Typography color="text.secondary">
          <Trans>Outside the seconds that the standard’s formula is made for: take it as rough.</Trans>
        </Typography>
      )}
      <Table size="small" aria-label={t`The same in other cups`} sx={{ mt: 1 }}>
        <TableBody>
          {read.cups.map((c) => (
            <TableRow key={c.key}>
              <TableCell>
                {c.words}, {c.standard}
              </TableCell>
              <TableCell align="right">
                {c.holds ? <strong>{c.seconds.toFixed(1)} s</strong> : t`${c.seconds.toFixed(0)} s, outside its range`}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
