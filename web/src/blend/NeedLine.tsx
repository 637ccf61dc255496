import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { setCertainty } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { formatMm } from '../kit/units';
import { WhyFigure } from '../kit/Why';
import { Words } from '../kit/Words';

/** The one sentence of a plan, and under it where the colour ends and how sure the plan is to be. */
export function NeedLine({ handle }: { handle: BenchHandle }) {
  const { document, plan } = handle;
  return (
    <Stack
      direction="row"
      sx={{
        px: 2,
        py: 1,
        gap: 1.5,
        alignItems: 'center',
        flexWrap: 'wrap',
        borderBottom: (t) => `1px solid ${t.tokens.line}`,
        backgroundColor: (t) => t.tokens.surface,
      }}
    >
      <Box sx={{ flex: '1 1 420px', minWidth: 0 }}>
        {/* Where the verdict stands in a bar at the foot, it is not said twice. */}
        <Stack
          direction="row"
          role="status"
          aria-live="polite"
          sx={{ gap: 1, alignItems: 'flex-start', display: { xs: 'none', lg: 'flex' } }}
        >
          {plan.severity !== 'note' && (
            <Box sx={{ mt: 0.5 }}>
              <SeverityMark severity={plan.severity} size={20} />
            </Box>
          )}
          <Typography variant="h2" component="p" data-testid="verdict">
            <Words phrase={plan.verdict} />
          </Typography>
        </Stack>
        <NeedFacts handle={handle} />
        {plan.simulated && (
          <Typography variant="body2" sx={{ fontWeight: 700 }}>
            <Trans>simulated, for practice</Trans>
          </Typography>
        )}
      </Box>
      <ToggleButtonGroup
        exclusive
        value={document.plan.certainty ?? 'sure'}
        aria-label={t`How sure the plan is`}
        onChange={(_, to: 'sure' | 'likely' | null) => to !== null && handle.change(setCertainty(document, to))}
      >
        <ToggleButton value="sure">
          <Trans>Sure</Trans>
        </ToggleButton>
        <ToggleButton value="likely">
          <Trans>Likely</Trans>
        </ToggleButton>
      </ToggleButtonGroup>
    </Stack>
  );
}

function NeedFacts({ handle }: { handle: BenchHandle }) {
  const units = useUnits();
  const { need } = handle.plan;
  const left = need.room === null || need.limit === null ? null : need.room.value - need.limit.value;
  return (
    <Stack direction="row" sx={{ gap: 0.75, flexWrap: 'wrap', alignItems: 'baseline', color: 'text.secondary' }}>
      {need.limit !== null && (
        <Typography variant="body2">
          <Trans>
            Colour ends {formatMm(need.limit.value, units)} out
            {left !== null && left > 0 ? t`, ${formatMm(left, units)} before the gap` : ''}.
          </Trans>
        </Typography>
      )}
      {need.figure !== null && (
        <Typography variant="body2" component="span">
          <WhyFigure figure={need.figure} label={t`Needed`} strong />
          <Trans> needed.</Trans>
        </Typography>
      )}
      {need.fades && (
        <Typography variant="body2">
          <Trans>Rule of thumb {formatMm(need.usual.value, units)}.</Trans>
        </Typography>
      )}
      {!need.measured && (
        <Typography variant="body2">
          <Trans>No card read yet: planned for a colour an ordinary shade off.</Trans>
        </Typography>
      )}
    </Stack>
  );
}
