import { t } from '@lingui/core/macro';
import { Box, ButtonBase, Stack, Typography } from '@mui/material';
import type { ColourSample } from '../api/types';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { Strip } from './Ribbon';

/** Everything that was shot, as small strips to choose from; cards first, then variants by rank, struck ones last. */
export function SampleRail({
  samples,
  chosen,
  onChoose,
}: {
  samples: readonly ColourSample[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  if (samples.length === 0) {
    return null;
  }
  return (
    <Stack
      direction="row"
      role="listbox"
      aria-label={t`Cards and variants`}
      sx={{ gap: 1, overflowX: 'auto', p: 1.25, backgroundColor: (t) => t.tokens.ground }}
    >
      {samples.map((s) => (
        <ButtonBase
          key={s.id}
          role="option"
          aria-selected={s.id === chosen}
          onClick={() => onChoose(s.id)}
          sx={{
            display: 'block',
            flexShrink: 0,
            width: 156,
            minHeight: 72,
            textAlign: 'left',
            p: 0.75,
            borderRadius: 1,
            border: (t) => `3px solid ${s.id === chosen ? t.tokens.press : 'transparent'}`,
            backgroundColor: (t) => t.tokens.surface,
          }}
        >
          <Box sx={{ p: 0.5, backgroundColor: (t) => t.tokens.plate }}>
            {s.reading === null ? (
              <Box sx={{ height: 22 }} />
            ) : (
              <Strip colours={s.reading.angles} label={s.name} height={22} />
            )}
          </Box>
          <Typography
            component="span"
            noWrap
            sx={{
              display: 'block',
              mt: 0.5,
              fontWeight: 600,
              lineHeight: 1.25,
              textDecoration: s.struck ? 'line-through' : 'none',
            }}
          >
            {s.name}
          </Typography>
          <Typography
            component="span"
            variant="caption"
            color="text.secondary"
            sx={{ display: 'block', lineHeight: 1.3, minHeight: '2.6em' }}
          >
            {s.struck ? (
              t`put aside`
            ) : s.reading === null ? (
              t`not read yet`
            ) : s.verdict !== null ? (
              <>
                {tell(s.verdict.words)}
                {s.verdict.need !== null && s.verdict.grade === 'blendable' && (
                  <>
                    , <Words phrase={{ text: '{need}', values: { need: s.verdict.need }, plain: '' }} />
                  </>
                )}
              </>
            ) : s.place !== null ? (
              t`variant, place ${s.place}`
            ) : (
              t`variant`
            )}
            {s.simulated && !s.struck && t`, simulated`}
          </Typography>
        </ButtonBase>
      ))}
    </Stack>
  );
}

export function ordered(samples: readonly ColourSample[]): ColourSample[] {
  const rank = (s: ColourSample) =>
    (s.struck ? 1000 : 0) + (s.kind === 'card' ? 0 : 100) + (s.kind === 'variant' ? (s.place ?? 90) : 0);
  return samples
    .filter((s) => s.kind !== 'car')
    .sort((a, b) => rank(a) - rank(b) || (a.kind === 'card' ? b.number - a.number : a.number - b.number));
}

/** The card that lies nearest to the car: the one to look at first where the number of coats is part of the colour. */
export function nearest(samples: readonly ColourSample[]): ColourSample | undefined {
  const read = samples.filter((s) => s.kind === 'card' && !s.struck && s.comparison !== null);
  return read.sort((a, b) => (a.comparison?.overall ?? 0) - (b.comparison?.overall ?? 0))[0] ?? samples[0];
}
