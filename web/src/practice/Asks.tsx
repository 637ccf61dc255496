import { Box, Slider, Stack, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import type { PracticeAsk } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm, phraseText } from '../kit/units';
import { Held } from './Held';

/** What there is to decide, one below the other. */
export function Asks({
  asks,
  chosen,
  fault,
  onChoose,
}: {
  asks: readonly PracticeAsk[];
  chosen: Readonly<Record<string, string>>;
  fault: (ask: string) => string | undefined;
  onChoose: (ask: string, option: string) => void;
}) {
  const units = useUnits();
  return (
    <Stack sx={{ gap: 2.5 }}>
      {asks.map((ask) => {
        const title = phraseText(ask.text, units);
        return (
          <Box key={ask.key}>
            <Typography variant="h3" component="h2" sx={{ mb: 0.75 }}>
              {title}
            </Typography>
            {ask.asLength ? (
              <Length ask={ask} title={title} value={chosen[ask.key]} onChoose={(o) => onChoose(ask.key, o)} />
            ) : (
              <ToggleButtonGroup
                exclusive
                orientation="vertical"
                fullWidth
                value={chosen[ask.key] ?? null}
                aria-label={title}
                onChange={(_, next: string | null) => next !== null && onChoose(ask.key, next)}
              >
                {ask.options.map((o) => (
                  <ToggleButton
                    key={o.key}
                    value={o.key}
                    sx={{ justifyContent: 'flex-start', textAlign: 'left', gap: 1.5, flexWrap: 'wrap' }}
                  >
                    {o.held !== null && <Held held={o.held} />}
                    {phraseText(o.text, units)}
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
            )}
            {fault(ask.key) !== undefined && <Typography color="error">{fault(ask.key)}</Typography>}
          </Box>
        );
      })}
    </Stack>
  );
}

function Length({
  ask,
  title,
  value,
  onChoose,
}: {
  ask: PracticeAsk;
  title: string;
  value: string | undefined;
  onChoose: (option: string) => void;
}) {
  const units = useUnits();
  const lengths = ask.options.map((o) => Number(o.key));
  const [from, to] = [lengths[0] ?? 0, lengths.at(-1) ?? 0];
  const middle = lengths[Math.floor(lengths.length / 2)] ?? from;
  return (
    <Stack direction="row" sx={{ gap: 2.5, alignItems: 'center', px: 1.5 }}>
      <Slider
        aria-label={title}
        value={value === undefined ? middle : Number(value)}
        min={from}
        max={to}
        step={null}
        marks={lengths.map((mm) => ({ value: mm }))}
        getAriaValueText={(mm) => formatMm(mm, units)}
        onChange={(_, mm) => onChoose(String(mm))}
      />
      <Typography sx={{ minWidth: 90, fontSize: '1.3rem', fontWeight: 680 }}>
        {value === undefined ? '–' : formatMm(Number(value), units)}
      </Typography>
    </Stack>
  );
}
