import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, FormControlLabel, Radio, RadioGroup, Stack, Typography } from '@mui/material';
import type { BodyShape, PlannedSide } from '../api/types';
import { chooseSide, chosenSide } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyFigure } from '../kit/Why';
import { Measure, Words } from '../kit/Words';

const NAMES: Record<PlannedSide['options'][number]['choice'], string> = {
  join: t`Let it run on`,
  'small-gun': t`Keep it tiny`,
  'stop-at-line': t`Stop at a line`,
  butt: t`Butt joint`,
};

/** Where the room is short: the ways out in the order the trade tries them. */
export function Sides({ handle, body }: { handle: BenchHandle; body: BodyShape }) {
  const { plan, document } = handle;
  const tight = plan.sides.filter((s) => s.options.length > 0);
  const free = plan.sides.filter((s) => s.options.length === 0);
  const name = (id: string) => body.panels.find((p) => p.id === id)?.name ?? id;
  if (plan.sides.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={t`Room to the neighbours`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>Room to the neighbours</Trans>
      </Typography>
      {free.length > 0 && (
        <Typography sx={{ mb: 1.5 }}>
          {free.map((s, i) => (
            <span key={s.panel + s.neighbour}>
              <Trans>
                {i > 0 && ', '}
                {s.neighbourName}: has{' '}
              </Trans>
              <WhyFigure figure={s.room} label={t`Room towards ${s.neighbourName}`} />
            </span>
          ))}
          <Trans>. Enough.</Trans>
        </Typography>
      )}
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xl: '1fr 1fr' } }}>
        {tight.map((side) => (
          <Box
            key={side.panel + side.neighbour}
            sx={{
              border: (t) => `1px solid ${t.tokens.line}`,
              borderRadius: 1.5,
              p: 2,
              backgroundColor: (t) => t.tokens.surface,
            }}
          >
            <Stack direction="row" sx={{ gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
              <SeverityMark severity="look-out" />
              <Typography variant="h3" id={`side-${side.panel}-${side.neighbour}`}>
                <Trans>
                  {name(side.panel)} towards {side.neighbourName}
                </Trans>
              </Typography>
              <Typography>
                <Trans>
                  needs <Measure of={side.needed} />, has{' '}
                </Trans>
                <WhyFigure figure={side.room} label={t`Room towards ${side.neighbourName}`} />
              </Typography>
            </Stack>
            <RadioGroup
              aria-labelledby={`side-${side.panel}-${side.neighbour}`}
              value={chosenSide(document, side) ?? side.choice ?? ''}
              onChange={(_, value) => handle.change(chooseSide(document, side, value))}
            >
              {side.options.map((option) => (
                <FormControlLabel
                  key={option.choice}
                  value={option.choice}
                  disabled={!option.open}
                  control={<Radio />}
                  sx={{ alignItems: 'flex-start', mt: 0.5, '& .MuiRadio-root': { pt: 0.75 } }}
                  label={
                    <Box sx={{ py: 0.5 }}>
                      <Typography component="span" sx={{ fontWeight: 640 }}>
                        {NAMES[option.choice]}.{' '}
                      </Typography>
                      <Typography component="span">
                        <Words phrase={option.says} />
                      </Typography>
                    </Box>
                  }
                />
              ))}
            </RadioGroup>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
