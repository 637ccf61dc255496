import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, Slider, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useShelf } from '../api/queries';
import type { PracticeSetUp, Shelf } from '../api/types';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { Failed, Loading } from '../kit/States';
import { formatQuantity } from '../kit/units';
import { useCalm } from '../kit/useCalm';
import { Measure, Words } from '../kit/Words';
import { tell } from '../language/tell';
import { PanelPicture } from './PanelPicture';
import { PartsSeen } from './PartsSeen';
import { Section } from './Section';
import { useSandbox } from './usePractice';

const START: Omit<PracticeSetUp, 'school'> = {
  finish: 'metallic-light',
  system: 'northlight-s',
  reducer: 'standard',
  temperatureC: 22,
  humidityPercent: 50,
  shade: 3,
  spotMm: 50,
  blendMm: 250,
  off: [1, 0, 0],
  flop: 0,
  film: 1,
  furtherMm: 0,
  overlapMore: 0,
  barMore: 0,
};

export function SandboxPage() {
  const shelf = useShelf();
  if (shelf.isError) {
    return <Failed error={shelf.error} retry={() => void shelf.refetch()} />;
  }
  if (shelf.data === undefined) {
    return <Loading what={t`the sandbox`} />;
  }
  return <Sandbox shelf={shelf.data} />;
}

/** Every slider there is, and the panel live: what does what. Nothing is scored. */
function Sandbox({ shelf }: { shelf: Shelf }) {
  const units = useUnits();
  const { finishes, paintSystems, schools, limits } = shelf;
  // As a new job begins: the first way on the shelf.
  const start: PracticeSetUp = { ...START, school: schools[0]?.key ?? '' };
  const [set, setSet] = useState(start);
  const calm = useCalm(set);
  const sprayed = useSandbox(calm);
  const change = (part: Partial<PracticeSetUp>) => setSet((old) => ({ ...old, ...part }));
  const choice = (
    label: string,
    field: 'finish' | 'system' | 'school' | 'reducer',
    options: { key: string; name: string }[],
  ) => (
    <TextField
      select
      label={label}
      value={set[field]}
      onChange={(event) => change({ [field]: event.target.value })}
      sx={{ width: { xs: '100%', sm: 230 } }}
    >
      {options.map((o) => (
        <MenuItem key={o.key} value={o.key}>
          {o.name}
        </MenuItem>
      ))}
    </TextField>
  );
  const [dL = 0, da = 0, db = 0] = set.off ?? [];
  const plain = (v: number) => (v > 0 ? `+${v.toFixed(1)}` : v.toFixed(1));
  const of = (unit: string) => (v: number) => formatQuantity({ value: v, unit }, units);
  const data = sprayed.data;
  return (
    <Stack direction={{ xs: 'column', lg: 'row' }} sx={{ p: { xs: 2, md: 3 }, gap: 4, alignItems: 'flex-start' }}>
      <title>{t`Sandbox, Practice bay, Kalopsis`}</title>
      <Stack sx={{ gap: 2, width: '100%', flex: '1 1 0', minWidth: 0, maxWidth: { lg: 560 } }}>
        <Box>
          <Button component={RouterLink} to="/practice" sx={{ px: 0 }}>
            <Trans>All scenarios</Trans>
          </Button>
          <Typography variant="h1">
            <Trans>Sandbox</Trans>
          </Typography>
        </Box>
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
          {choice(
            t`Finish`,
            'finish',
            finishes.map((f) => ({ key: f.key, name: tell(f.name) })),
          )}
          {choice(
            t`Sprayed`,
            'school',
            schools.map((s) => ({ key: s.key, name: tell(s.name) })),
          )}
          {choice(
            t`Paint system`,
            'system',
            paintSystems.map((s) => ({ key: s.key, name: s.name })),
          )}
          {choice(
            t`Reducer`,
            'reducer',
            limits.reducers.map((r) => ({ key: r.key, name: tell(r.name) })),
          )}
        </Stack>
        <Turn
          label={t`Blend`}
          value={set.blendMm}
          from={30}
          to={800}
          step={10}
          says={of('mm')}
          onTurn={(blendMm) => change({ blendMm })}
        />
        <Turn
          label={t`Primer, from its middle`}
          value={set.spotMm}
          from={10}
          to={200}
          step={5}
          says={of('mm')}
          onTurn={(spotMm) => change({ spotMm })}
        />
        <Turn
          label={t`Grey shade`}
          value={set.shade}
          from={1}
          to={7}
          step={1}
          says={(v) => String(v)}
          onTurn={(shade) => change({ shade })}
        />
        <Turn
          label={t`Lighter than the car, L*`}
          value={dL}
          from={-6}
          to={6}
          step={0.1}
          says={plain}
          onTurn={(v) => change({ off: [v, da, db] })}
        />
        <Turn
          label={t`Redder, a*`}
          value={da}
          from={-4}
          to={4}
          step={0.1}
          says={plain}
          onTurn={(v) => change({ off: [dL, v, db] })}
        />
        <Turn
          label={t`Yellower, b*`}
          value={db}
          from={-4}
          to={4}
          step={0.1}
          says={plain}
          onTurn={(v) => change({ off: [dL, da, v] })}
        />
        <Turn
          label={t`Lighter along, L*`}
          value={set.flop ?? 0}
          from={-8}
          to={8}
          step={0.2}
          says={plain}
          onTurn={(flop) => change({ flop })}
        />
        <Turn
          label={t`Booth`}
          value={set.temperatureC}
          from={8}
          to={40}
          step={1}
          says={of('degC')}
          onTurn={(temperatureC) => change({ temperatureC })}
        />
        <Turn
          label={t`Humidity`}
          value={set.humidityPercent}
          from={10}
          to={95}
          step={1}
          says={of('%')}
          onTurn={(humidityPercent) => change({ humidityPercent })}
        />
        <Turn
          label={t`Film beside a full coat`}
          value={100 * (set.film ?? 1)}
          from={30}
          to={250}
          step={5}
          says={of('%')}
          onTurn={(v) => change({ film: v / 100 })}
        />
        <Turn
          label={t`Gun further away`}
          value={set.furtherMm ?? 0}
          from={-90}
          to={200}
          step={10}
          says={of('mm')}
          onTurn={(furtherMm) => change({ furtherMm })}
        />
        <Turn
          label={t`More pressure`}
          value={set.barMore ?? 0}
          from={-0.8}
          to={1.5}
          step={0.1}
          says={of('bar')}
          onTurn={(barMore) => change({ barMore })}
        />
        <Turn
          label={t`More overlap`}
          value={set.overlapMore ?? 0}
          from={-40}
          to={20}
          step={5}
          says={of('%')}
          onTurn={(overlapMore) => change({ overlapMore })}
        />
        <Button sx={{ alignSelf: 'flex-start' }} onClick={() => setSet(start)}>
          <Trans>Back to the beginning</Trans>
        </Button>
      </Stack>
      <Stack sx={{ gap: 2, width: '100%', flex: '1 1 0', minWidth: 0, position: { lg: 'sticky' }, top: { lg: 76 } }}>
        {sprayed.isError ? (
          <Failed error={sprayed.error} retry={() => void sprayed.refetch()} />
        ) : data === undefined ? (
          <Loading what={t`the panel`} />
        ) : (
          <>
            <PanelPicture picture={data.picture} />
            <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
              <SeverityMark severity={data.seen ? 'look-out' : 'note'} size={20} />
              <Typography sx={{ fontSize: '1.15rem' }} data-testid="sandbox-says">
                <Words phrase={data.says} />
              </Typography>
            </Stack>
            <PartsSeen parts={data.parts} />
            <Section picture={data.picture} />
            <Typography>
              <Trans>
                <Measure of={data.minutes} /> in the booth, <Measure of={data.ml} /> of paint.
              </Trans>
            </Typography>
          </>
        )}
      </Stack>
    </Stack>
  );
}

function Turn({
  label,
  value,
  from,
  to,
  step,
  says,
  onTurn,
}: {
  label: string;
  value: number;
  from: number;
  to: number;
  step: number;
  says: (value: number) => string;
  onTurn: (value: number) => void;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 90px', sm: '190px 1fr 90px' },
        gap: { xs: 0, sm: 2 },
        alignItems: 'center',
      }}
    >
      <Typography variant="body2">{label}</Typography>
      <Slider
        aria-label={label}
        value={value}
        min={from}
        max={to}
        step={step}
        getAriaValueText={says}
        onChange={(_, v) => onTurn(Number(v.toFixed(2)))}
        sx={{ order: { xs: 3, sm: 0 }, gridColumn: { xs: '1 / -1', sm: 'auto' } }}
      />
      <Typography align="right">{says(value)}</Typography>
    </Box>
  );
}
