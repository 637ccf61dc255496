import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, FormControlLabel, Radio, RadioGroup, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { QuantityField } from '../kit/QuantityField';
import type { FormProps } from './form';
import { TakeIn } from './TakeIn';

/** Which of the five printed fades somebody sees from where they judge a car. */
export function FadeSheetForm({ state, busy, fault, onTake }: FormProps) {
  const [who, setWho] = useState('');
  const [distanceMm, setDistance] = useState(2000);
  const [seen, setSeen] = useState<Record<number, boolean>>({});
  const take = () => onTake({ kind: 'fade-sheet', who, distanceMm, seen });
  return (
    <Stack sx={{ gap: 2 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <TextField
          label={t`Who looked`}
          value={who}
          onChange={(event) => setWho(event.target.value)}
          sx={{ width: 200 }}
        />
        <QuantityField
          label={t`From how far`}
          value={distanceMm}
          unit="mm"
          error={fault('distanceMm')}
          onCommit={setDistance}
        />
        <Button component={RouterLink} to="/calibration/cards">
          <Trans>Print the sheet</Trans>
        </Button>
      </Stack>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          Judge the printed or sprayed sheet, not this screen: a screen has its own steps and its own light. Each strip
          is lighter at its left end and fades out over its middle third.
        </Trans>
      </Typography>
      <Stack component="ul" sx={{ listStyle: 'none', p: 0, m: 0, gap: 1 }}>
        {state.sheet.map((fade, i) => (
          <Stack component="li" key={fade.dL} direction="row" sx={{ gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
            <Typography sx={{ width: 20 }}>{i + 1}</Typography>
            <Box
              aria-hidden="true"
              sx={{
                width: 200,
                height: 44,
                background: `linear-gradient(to right, lab(${state.greyL + fade.dL} 0 0) 33%, lab(${state.greyL} 0 0) 67%)`,
              }}
            />
            <RadioGroup
              row
              aria-label={t`Fade ${i + 1}`}
              value={seen[i + 1] === undefined ? '' : seen[i + 1] === true ? 'yes' : 'no'}
              onChange={(_, v) => setSeen((old) => ({ ...old, [i + 1]: v === 'yes' }))}
            >
              <FormControlLabel value="yes" control={<Radio />} label={t`Seen`} />
              <FormControlLabel value="no" control={<Radio />} label={t`Not seen`} />
            </RadioGroup>
            {fault(`seen.${i + 1}`) !== undefined && <Typography color="error">{fault(`seen.${i + 1}`)}</Typography>}
          </Stack>
        ))}
      </Stack>
      <TakeIn busy={busy} onPress={take} />
    </Stack>
  );
}
