import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Typography } from '@mui/material';
import { Fragment, useState } from 'react';
import { QuantityField } from '../kit/QuantityField';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { tell } from '../language/tell';
import { Choice } from './Choice';
import { filled, num, systems, type FormProps } from './form';
import { PlainField } from '../kit/PlainField';
import { TakeIn } from './TakeIn';

const ANGLES = [15, 45, 110] as const;
const STEP_MM = 50;

/** How much lighter or darker a fade reads every 50 mm than its own full part, at three angles. */
export function FadePanelForm({ shelf, busy, fault, onTake }: FormProps) {
  const units = useUnits();
  const effects = shelf.finishes.filter((f) => !f.key.startsWith('solid'));
  const fading = shelf.schools.filter((s) => s.coats.some((c) => c.kind === 'base' && c.extent.kind === 'past'));
  const [finish, setFinish] = useState(effects[0]?.key ?? '');
  const [system, setSystem] = useState(shelf.paintSystems[0]?.key ?? '');
  const [school, setSchool] = useState(fading[0]?.key ?? '');
  const [reducer, setReducer] = useState('standard');
  const [celsius, setCelsius] = useState(20);
  const [humidity, setHumidity] = useState(50);
  const [fadeMm, setFadeMm] = useState(300);
  const [cells, setCells] = useState<Record<string, string>>({});
  const places = Array.from({ length: Math.min(12, Math.floor(fadeMm / STEP_MM) + 1) }, (_, i) => i * STEP_MM);
  const rows = places.filter((mm) => ANGLES.some((a) => filled(cells[`${mm}.${a}`] ?? '')));
  const take = () =>
    onTake({
      kind: 'fade-panel',
      finish,
      paintSystem: system,
      school,
      reducer,
      temperatureC: celsius,
      humidityPercent: humidity,
      fadeMm,
      readings: rows.map((mm) => ({
        mm,
        ...Object.fromEntries(
          ANGLES.filter((a) => filled(cells[`${mm}.${a}`] ?? '')).map((a) => [
            `dL${a}`,
            num(cells[`${mm}.${a}`] ?? ''),
          ]),
        ),
      })),
    });
  return (
    <Stack sx={{ gap: 2 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <Choice
          label={t`Finish`}
          value={finish}
          options={effects.map((f) => ({ key: f.key, name: tell(f.name) }))}
          onChange={setFinish}
          error={fault('finish')}
        />
        <Choice
          label={t`Sprayed like`}
          value={school}
          options={fading.map((s) => ({ key: s.key, name: tell(s.name) }))}
          onChange={setSchool}
          error={fault('school')}
        />
        <Choice
          label={t`Paint system`}
          value={system}
          options={systems(shelf)}
          onChange={setSystem}
          error={fault('paintSystem')}
        />
        <Choice
          label={t`Reducer`}
          value={reducer}
          options={shelf.limits.reducers.map((r) => ({ key: r.key, name: tell(r.name) }))}
          onChange={setReducer}
          error={fault('reducer')}
          width={180}
        />
        <QuantityField
          label={t`Booth`}
          value={celsius}
          unit="degC"
          error={fault('temperatureC')}
          onCommit={setCelsius}
          width={120}
        />
        <QuantityField
          label={t`Humidity`}
          value={humidity}
          unit="%"
          error={fault('humidityPercent')}
          onCommit={setHumidity}
          width={120}
        />
        <QuantityField
          label={t`Faded out over`}
          value={fadeMm}
          unit="mm"
          error={fault('fadeMm')}
          onCommit={setFadeMm}
        />
      </Stack>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          L* against the full part of the same panel: plus is lighter. Angles that your instrument has not stay empty.
        </Trans>
      </Typography>
      <Box
        role="group"
        aria-label={t`Differences of L*`}
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto repeat(3, auto)',
          gap: 1,
          alignItems: 'center',
          justifyContent: 'start',
        }}
      >
        <Typography variant="body2">
          <Trans>From where it begins</Trans>
        </Typography>
        {ANGLES.map((a) => (
          <Typography key={a} variant="body2">
            {a}°
          </Typography>
        ))}
        {places.map((mm) => (
          <Fragment key={mm}>
            <Typography>{formatMm(mm, units)}</Typography>
            {ANGLES.map((a) => (
              <PlainField
                key={a}
                of={t`dL* at ${formatMm(mm, units)}, ${a} degrees`}
                value={cells[`${mm}.${a}`] ?? ''}
                onChange={(typed) => setCells((old) => ({ ...old, [`${mm}.${a}`]: typed }))}
                error={fault(`readings.${rows.indexOf(mm)}.dL${a}`)}
                width={92}
              />
            ))}
          </Fragment>
        ))}
      </Box>
      {fault('readings') !== undefined && <Typography color="error">{fault('readings')}</Typography>}
      <TakeIn busy={busy} onPress={take} />
    </Stack>
  );
}
