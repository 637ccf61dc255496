import { t } from '@lingui/core/macro';
import { Stack } from '@mui/material';
import { useState } from 'react';
import { QuantityField } from '../kit/QuantityField';
import { tell } from '../language/tell';
import { Choice } from './Choice';
import { systems, type FormProps } from './form';
import { TakeIn } from './TakeIn';

/** Minutes from the end of a full coat until it was dull all over. */
export function FlashTimeForm({ shelf, busy, fault, onTake }: FormProps) {
  const [finish, setFinish] = useState(shelf.finishes[0]?.key ?? '');
  const [system, setSystem] = useState(shelf.paintSystems[0]?.key ?? '');
  const [reducer, setReducer] = useState('standard');
  const [celsius, setCelsius] = useState(20);
  const [humidity, setHumidity] = useState(50);
  const [minutes, setMinutes] = useState(8);
  const take = () =>
    onTake({
      kind: 'flash-time',
      finish,
      paintSystem: system,
      reducer,
      temperatureC: celsius,
      humidityPercent: humidity,
      minutes,
    });
  return (
    <Stack sx={{ gap: 2 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <Choice
          label={t`Finish`}
          value={finish}
          options={shelf.finishes.map((f) => ({ key: f.key, name: tell(f.name) }))}
          onChange={setFinish}
          error={fault('finish')}
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
          label={t`Until dull`}
          value={minutes}
          unit="min"
          error={fault('minutes')}
          onCommit={setMinutes}
          width={130}
        />
      </Stack>
      <TakeIn busy={busy} onPress={take} />
    </Stack>
  );
}
