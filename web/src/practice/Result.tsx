import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import type { PracticeMarked, PracticeTold } from '../api/types';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { phraseText } from '../kit/units';
import { Measure, Words } from '../kit/Words';
import { PanelPicture } from './PanelPicture';
import { PartsSeen } from './PartsSeen';
import { Section } from './Section';

/** The panel, the score, what gave it away, and what a search over all choices would have done. */
export function Result({
  told,
  marked,
  onTry,
}: {
  told: PracticeTold;
  marked: PracticeMarked;
  onTry: (ask: string, option: string) => void;
}) {
  const units = useUnits();
  const question = (ask: string) => {
    const found = told.asks.find((a) => a.key === ask);
    return found === undefined ? '' : phraseText(found.text, units);
  };
  const same = marked.best.choices.every((c) => c.same);
  return (
    <Stack sx={{ gap: 2.5 }}>
      <PanelPicture key={marked.score + marked.index} picture={marked.picture} />
      <Stack direction="row" sx={{ gap: 3, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Box sx={{ minWidth: 150 }}>
          <Typography variant="body2" color="text.secondary">
            <Trans>Score</Trans>
          </Typography>
          <Typography sx={{ fontSize: '3.4rem', fontWeight: 720, lineHeight: 1 }} data-testid="score">
            {marked.score}
          </Typography>
          <Typography variant="body2">
            <Trans>
              <Measure of={marked.minutes} />, <Measure of={marked.ml} />
            </Trans>
          </Typography>
        </Box>
        <Stack sx={{ gap: 1, flex: '1 1 300px' }}>
          <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
            <SeverityMark severity={marked.seen ? 'look-out' : 'note'} size={20} />
            <Typography sx={{ fontSize: '1.15rem' }} data-testid="gave-away">
              <Words phrase={marked.says} />
            </Typography>
          </Stack>
          <PartsSeen parts={marked.parts} />
        </Stack>
      </Stack>
      <Section picture={marked.picture} />
      {(marked.truth.length > 0 || (marked.hand?.remarks.length ?? 0) > 0) && (
        <Box component="section" aria-label={t`What was true`}>
          <Typography variant="h3" component="h2">
            <Trans>What was true</Trans>
          </Typography>
          {[...marked.truth, ...(marked.hand?.remarks ?? [])].map((phrase) => (
            <Typography key={phrase.plain}>{phraseText(phrase, units)}</Typography>
          ))}
        </Box>
      )}
      {told.asks.length > 0 && (
        <Box component="section" aria-label={t`What the search would have done`}>
          <Typography variant="h3" component="h2">
            {same ? <Trans>The search would have done the same</Trans> : <Trans>What the search would have done</Trans>}
          </Typography>
          {!same && (
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {marked.best.choices.map((c) => (
                <li key={c.ask}>
                  <Typography>
                    {question(c.ask)}: <strong>{phraseText(c.text, units)}</strong>
                    {c.same && <Trans>, as you did</Trans>}
                  </Typography>
                </li>
              ))}
            </Box>
          )}
          <Typography>
            <Trans>
              {marked.best.index.toFixed(2)} of what is just noticed, <Measure of={marked.best.minutes} />,{' '}
              <Measure of={marked.best.ml} />. It tries every choice, takes what is surely not seen, then the fewest
              minutes.
            </Trans>
          </Typography>
        </Box>
      )}
      {marked.single.length > 0 && (
        <Stack component="section" aria-label={t`With one thing changed`} sx={{ gap: 1, alignItems: 'flex-start' }}>
          <Typography variant="h3" component="h2">
            <Trans>With one thing changed</Trans>
          </Typography>
          {marked.single.map((one) => (
            <Stack key={one.ask} direction="row" sx={{ gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
              <Button variant="outlined" onClick={() => onTry(one.ask, one.option)}>
                <Trans>Try it: {phraseText(one.text, units)}</Trans>
              </Button>
              <Typography variant="body2">
                <Trans>
                  {one.index.toFixed(2)} instead of {marked.index.toFixed(2)}, <Measure of={one.minutes} />
                </Trans>
              </Typography>
            </Stack>
          ))}
        </Stack>
      )}
    </Stack>
  );
}
