import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import type { Climate, ClimateHand } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { tell } from '../language/tell';
import type { RunHandle } from './useRun';

const HANDS: { does: ClimateHand; name: string }[] = [
  { does: 'door', name: t`Door open` },
  { does: 'cool', name: t`Heating off` },
  { does: 'right', name: t`As planned` },
];

const time = (ms: number): string =>
  new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(new Date(ms));

/** Which car, the air, and whether the shop computer hears us: said quietly. */
export function TopLine({
  handle,
  climate,
  nowMs,
  speed,
  read,
  onHand,
}: {
  handle: RunHandle;
  climate: Climate | undefined;
  nowMs: number;
  speed: number;
  read: () => number;
  onHand: () => void;
}) {
  const { run, state, online, waiting, refused } = handle;
  const units = useUnits();
  const [hand, setHand] = useState<ClimateHand>('right');
  const last = state.climate.at(-1);
  const air = online && climate !== undefined ? climate : (last ?? run.run.climate);
  const does = async (next: ClimateHand) => {
    setHand(next);
    try {
      await unwrap(
        api.POST('/api/jobs/{job}/runs/{run}/climate/hand', {
          params: { path: { job: run.job, run: run.id } },
          body: { does: next, at: Math.round(read()) },
        }),
      );
      onHand();
    } catch {
      // The simulated sensor is out of reach with the network: the last air stays.
    }
  };
  return (
    <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center', rowGap: 0.5 }}>
      <Typography sx={{ fontWeight: 700, fontSize: '1.15rem' }}>
        {run.label} {run.plate}
      </Typography>
      <Typography color="text.secondary" data-testid="air">
        {formatQuantity({ value: air.temperatureC, unit: 'degC' }, units)}
        {'\u2002'}
        {Math.round(air.humidityPercent)} %{'\u2002'}
        <Trans>air {air.airMPerS.toFixed(1)} m/s</Trans>
        {!online && last !== undefined && <Trans>, heard last at {time(last.ms)}</Trans>}
        {climate?.simulated === true && online && <Trans>, simulated</Trans>}
      </Typography>
      {run.practice && online && (
        <Stack direction="row" sx={{ gap: 0.5 }} role="group" aria-label={t`The simulated air`}>
          {HANDS.map(({ does: next, name }) => (
            <Button
              key={next}
              size="small"
              aria-pressed={hand === next}
              onClick={() => void does(next)}
              sx={{ fontWeight: hand === next ? 720 : 400, px: 1, fontSize: '0.9rem' }}
            >
              {name}
            </Button>
          ))}
        </Stack>
      )}
      <Typography role="status" color="text.secondary" sx={{ ml: 'auto' }} data-testid="network">
        {refused !== null ? (
          tell(refused)
        ) : !online ? (
          <>
            <Trans>no network: kept here</Trans>
            {waiting > 0 && (
              <>
                , <Plural value={waiting} one="# tap" other="# taps" />
              </>
            )}
          </>
        ) : waiting > 0 ? (
          <Trans>sending</Trans>
        ) : (
          <Trans>kept</Trans>
        )}
        {speed > 1 && <Trans>, time ×{speed}</Trans>}
        <Box
          component="span"
          sx={{ ml: 2, fontWeight: 640, fontVariantNumeric: 'tabular-nums', color: 'text.primary' }}
        >
          {time(nowMs)}
        </Box>
      </Typography>
    </Stack>
  );
}
