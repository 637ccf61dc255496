import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { usePreferences } from '../kit/preferences';
import { parseGrams } from '../kit/units';
import { Choice } from './Choice';
import { filled, num, type FormProps } from './form';
import { PlainField } from '../kit/PlainField';
import { TakeIn } from './TakeIn';

interface Line {
  toner: string;
  grams: string;
}

/** A weighed formula and how its card read at 45 degrees. */
export function TonerCardForm({ state, busy, fault, onTake }: FormProps) {
  const { me } = usePreferences();
  const [lines, setLines] = useState<readonly Line[]>([
    { toner: state.toners[0]?.key ?? '', grams: '' },
    { toner: state.toners[1]?.key ?? '', grams: '' },
  ]);
  const [lab, setLab] = useState({ l: '', a: '', b: '' });
  const set = (i: number, change: Partial<Line>) =>
    setLines((old) => old.map((line, k) => (k === i ? { ...line, ...change } : line)));
  const weighed = lines.filter((line) => filled(line.grams));
  const take = () =>
    onTake({
      kind: 'toner-card',
      formula: weighed.map((line) => ({ toner: line.toner, grams: parseGrams(line.grams, me.weights) })),
      l: num(lab.l),
      a: num(lab.a),
      b: num(lab.b),
    });
  return (
    <Stack sx={{ gap: 2 }}>
      <Stack sx={{ gap: 1 }}>
        {lines.map((line, i) => (
          <Stack key={i} direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Choice
              label={t`Toner ${i + 1}`}
              value={line.toner}
              options={state.toners}
              onChange={(toner) => set(i, { toner })}
              error={fault(`formula.${weighed.indexOf(line)}.toner`)}
            />
            <PlainField
              label={t`Amount ${i + 1}`}
              value={line.grams}
              onChange={(grams) => set(i, { grams })}
              error={fault(`formula.${weighed.indexOf(line)}.grams`)}
              unit={me.weights}
              width={150}
            />
          </Stack>
        ))}
        <Button
          sx={{ alignSelf: 'flex-start' }}
          onClick={() => setLines((old) => [...old, { toner: state.toners[0]?.key ?? '', grams: '' }])}
        >
          <Trans>Another toner</Trans>
        </Button>
        {fault('formula') !== undefined && <Typography color="error">{fault('formula')}</Typography>}
      </Stack>
      <Box role="group" aria-label={t`Read at 45 degrees`} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {(['l', 'a', 'b'] as const).map((c) => (
          <PlainField
            key={c}
            label={c === 'l' ? 'L*' : c === 'a' ? 'a*' : 'b*'}
            value={lab[c]}
            onChange={(typed) => setLab((old) => ({ ...old, [c]: typed }))}
            error={fault(c)}
          />
        ))}
      </Box>
      <TakeIn busy={busy} onPress={take} />
    </Stack>
  );
}
