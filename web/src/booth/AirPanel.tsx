import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Checkbox, FormControlLabel, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useShelf } from '../api/queries';
import type { BoothAir } from '../api/types';
import { setBakeLimit, setBooth, setElectric } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { useUnits } from '../kit/preferences';
import { faultText } from '../kit/units';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyFigure } from '../kit/Why';
import { Measure, Words } from '../kit/Words';

/** The air against the panel, the heat, and how long the clear lives in its cup. */
export function AirPanel({ air, handle }: { air: BoothAir; handle: BenchHandle }) {
  const { bake } = air;
  const { car } = handle.document;
  const booths = useShelf().data?.equipment.booths ?? [];
  const chosen = handle.document.booth.name ?? '';
  const units = useUnits();
  const fault =
    handle.save.kind === 'refused' ? handle.save.faults.find((f) => f.field === 'car.bakeLimitC') : undefined;
  return (
    <Box component="section" aria-label={t`Air and heat`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Air and heat</Trans>
      </Typography>
      {booths.length > 1 && (
        <TextField
          select
          label={t`Which booth`}
          value={booths.some((b) => b.name === chosen) ? chosen : (booths[0]?.name ?? '')}
          onChange={(event) => handle.change(setBooth(handle.document, { name: event.target.value }))}
          sx={{ width: 240, my: 1 }}
        >
          {booths.map((b) => (
            <MenuItem key={b.name} value={b.name}>
              {b.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
        {!air.dry && <SeverityMark severity="stop" />}
        <Typography>
          <Trans>
            <Measure of={air.temperature} /> at <Measure of={air.humidity} />, dew point{' '}
            <WhyFigure figure={air.dewPoint} label={t`Dew point`} />.
          </Trans>{' '}
          <Words phrase={air.says} />
        </Typography>
      </Stack>
      <Typography>
        {bake.minutes === null ? (
          <Trans>Not baked: it dries in the air.</Trans>
        ) : (
          <Trans>
            Baked <Measure of={bake.minutes} /> with the panel at <Measure of={bake.at} />.
          </Trans>
        )}{' '}
        {bake.lowered && <Trans>Longer than the data sheet says, since car or booth get no hotter.</Trans>}{' '}
        {air.potLife !== null && (
          <Trans>
            The clear lives <Measure of={air.potLife} /> in its cup.
          </Trans>
        )}
      </Typography>
      <Stack direction="row" sx={{ gap: 2, alignItems: 'center', flexWrap: 'wrap', my: 1 }}>
        <FormControlLabel
          control={
            <Checkbox
              checked={car.electric === true}
              onChange={(event) => handle.change(setElectric(handle.document, event.target.checked))}
            />
          }
          label={t`Hybrid or electric`}
        />
        <MaybeQuantity
          label={t`Panel at most, says the car maker`}
          value={car.bakeLimitC ?? null}
          unit="degC"
          width={290}
          onCommit={(limit) => handle.change(setBakeLimit(handle.document, limit))}
          {...(fault === undefined ? {} : { error: faultText(fault, units) })}
        />
      </Stack>
      {bake.electric && bake.limit === null && (
        <Stack direction="row" sx={{ gap: 1, alignItems: 'center' }}>
          <SeverityMark severity="look-out" />
          <Typography>
            <Trans>A battery drives this car: look its bake limit up and type it here.</Trans>
          </Typography>
        </Stack>
      )}
      {bake.plastic && (
        <Typography>
          <Trans>A plastic part is among the panels: it bends before steel is warm. Follow its maker’s limit.</Trans>
        </Typography>
      )}
    </Box>
  );
}
