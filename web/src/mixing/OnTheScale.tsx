import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import VolumeOffIcon from '@mui/icons-material/VolumeOffOutlined';
import VolumeUpIcon from '@mui/icons-material/VolumeUpOutlined';
import { Box, Button, Stack, ToggleButton, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { ApiProblem } from '../api/client';
import type { Mix, ScaleFrame } from '../api/types';
import { useGrams } from '../kit/preferences';
import { tell } from '../language/tell';
import { Finished } from './Finished';
import { Hands } from './Hands';
import { Portions } from './Portions';
import { TooMuch } from './TooMuch';
import { TypedWeight } from './TypedWeight';
import type { MixDoes, useMix } from './useMix';
import { useScale } from './useScale';
import { useTone } from './useTone';
import { WaterColumn } from './WaterColumn';

interface Props {
  job: string;
  mix: Mix;
  does: (does: MixDoes, grams?: number) => void;
  happen: ReturnType<typeof useMix>['happen'];
}

/** The scale, seen from two metres away: what to pour, how much is still to go, and when to stop. */
export function OnTheScale({ job, mix, does, happen }: Props) {
  const open = mix.finishedAt === null && mix.discardedAt === null;
  const { frame: live, lost } = useScale(job, mix.id, open);
  const [sound, setSound] = useState(false);
  const frame = live ?? mix.frame;
  const current = mix.current === null ? null : (mix.portions[mix.current] ?? null);
  useTone(frame?.near ?? 0, sound && open && current !== null && mix.over === null);
  const refused = happen.error instanceof ApiProblem ? (happen.error.problem?.detail ?? happen.error.message) : null;
  return (
    <Box
      component="main"
      sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column', p: { xs: 1.5, md: 2.5 }, gap: 2 }}
    >
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        <Box sx={{ flexGrow: 1 }}>
          <Typography variant="h2" component="h1">
            {tell(mix.name)}
          </Typography>
          <Typography color="text.secondary">
            {mix.colour}, {mix.product}, {mix.mixture}
            {mix.formula !== null && <>, {t`formula ${mix.formula}`}</>}
            {mix.batch !== '' && <>, {t`batch ${mix.batch}`}</>}
            {mix.simulated && open && (
              <>
                {'. '}
                <Trans>Simulated scale, for practice.</Trans>
              </>
            )}
          </Typography>
        </Box>
        {open && (
          <ToggleButton
            value="sound"
            selected={sound}
            onChange={() => setSound(!sound)}
            aria-label={t`A tone near the line`}
            sx={{ minWidth: 56, minHeight: 56 }}
          >
            {sound ? <VolumeUpIcon /> : <VolumeOffIcon />}
          </ToggleButton>
        )}
        <Button component={Link} to={`/jobs/${job}/cups`} variant="outlined" size="large">
          <Trans>Back to Cups</Trans>
        </Button>
      </Stack>
      {!open ? (
        <Finished job={job} mix={mix} />
      ) : (
        <Box sx={{ display: 'flex', gap: 3, flexGrow: 1, flexDirection: { xs: 'column', md: 'row' }, minHeight: 0 }}>
          <Portions mix={mix} />
          <Box sx={{ flexGrow: 1, display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}>
            {mix.over !== null ? (
              <TooMuch over={mix.over} vessel={mix.vessel} does={does} busy={happen.isPending} />
            ) : current === null ? (
              <Typography variant="h1" sx={{ fontSize: '3rem' }} role="status">
                <Trans>All is in. Stir it well.</Trans>
              </Typography>
            ) : (
              <Current mix={mix} frame={frame} />
            )}
            {(refused !== null || lost) && (
              <Typography role="alert" color="error" sx={{ fontSize: '1.2rem', fontWeight: 640 }}>
                {lost
                  ? t`The scale cannot be reached. What was taken is kept; it is tried again.`
                  : tell(refused ?? '')}
              </Typography>
            )}
            <Foot job={job} mix={mix} frame={frame} does={does} busy={happen.isPending} />
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** The one thing to do now, in the largest type there is. */
function Current({ mix, frame }: { mix: Mix; frame: ScaleFrame | null }) {
  const weight = useGrams();
  const portion = mix.current === null ? null : mix.portions[mix.current];
  if (frame === null || portion === null || portion === undefined) {
    return <Typography role="status">…</Typography>;
  }
  const over = frame.advice === 'over';
  const toGo = weight(Math.abs(frame.toGo));
  const trusted = frame.state === 'steady' || frame.state === 'moving';
  return (
    <Box sx={{ display: 'flex', gap: 3, flexGrow: 1, minHeight: 0, alignItems: 'stretch' }}>
      <Box sx={{ width: { xs: 110, md: 230 }, maxHeight: 440, flexShrink: 0 }}>
        <WaterColumn
          share={frame.share}
          over={over}
          label={t`${Math.round(100 * frame.share)}% of ${portion.name} is in`}
        />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography sx={{ fontSize: 'clamp(1.6rem, 3.4vw, 2.6rem)', fontWeight: 680, lineHeight: 1.15 }}>
          {tell(portion.name)}
          {portion.drops !== null && <>: {t`about ${portion.drops} drops`}</>}
        </Typography>
        {portion.drops !== null && (
          <Typography sx={{ fontSize: '1.15rem' }}>
            <Trans>Less than this scale weighs surely: count drops, or throw it away and mix more.</Trans>
          </Typography>
        )}
        <Typography
          data-testid="to-go"
          sx={{
            fontSize: 'clamp(4rem, 13vw, 9.5rem)',
            lineHeight: 1,
            fontWeight: 700,
            fontVariantNumeric: 'tabular-nums',
            whiteSpace: 'nowrap',
            color: (theme) => (over ? theme.tokens.stop : theme.tokens.ink),
          }}
        >
          {toGo}
        </Typography>
        <Typography role="status" sx={{ fontSize: 'clamp(1.3rem, 2.6vw, 2rem)', fontWeight: 600 }}>
          {trusted ? <Advice advice={frame.advice} /> : tell(frame.words)}
        </Typography>
        <Typography sx={{ mt: 1, fontSize: '1.15rem' }} color="text.secondary">
          <Trans>
            The scale shows {weight(frame.grams)}; the line is at {weight(mix.targetG)}.
          </Trans>
        </Typography>
      </Box>
    </Box>
  );
}

function Advice({ advice }: { advice: ScaleFrame['advice'] }) {
  switch (advice) {
    case 'pour':
      return <Trans>still to go: pour</Trans>;
    case 'near':
      return <Trans>still to go: slowly</Trans>;
    case 'stop':
      return <Trans>Stop: on the line</Trans>;
    case 'over':
      return <Trans>too much: stop</Trans>;
    case 'done':
      return <Trans>all is in</Trans>;
  }
}

function Foot({
  job,
  mix,
  frame,
  does,
  busy,
}: {
  job: string;
  mix: Mix;
  frame: ScaleFrame | null;
  does: Props['does'];
  busy: boolean;
}) {
  const pouring = mix.current !== null && mix.over === null;
  return (
    <Stack sx={{ gap: 1.5 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        {pouring && (
          <Button
            variant="contained"
            disabled={busy || frame?.canTake !== true}
            onClick={() => does('take')}
            sx={{ minHeight: 72, minWidth: 200, fontSize: '1.3rem' }}
          >
            <Trans>Take it, next</Trans>
          </Button>
        )}
        {mix.done && (
          <Button
            variant="contained"
            disabled={busy}
            onClick={() => does('finish')}
            sx={{ minHeight: 72, minWidth: 200, fontSize: '1.3rem' }}
          >
            <Trans>Finish the mix</Trans>
          </Button>
        )}
        {pouring && <TypedWeight onTake={(grams) => does('take', grams)} busy={busy} />}
        <Box sx={{ flexGrow: 1 }} />
        <Button color="error" disabled={busy} onClick={() => does('discard')} sx={{ minHeight: 56 }}>
          <Trans>Throw this mix away</Trans>
        </Button>
      </Stack>
      {pouring && mix.simulated && (
        <Hands job={job} mix={mix.id} silent={frame?.state !== 'steady' && frame?.state !== 'moving'} />
      )}
    </Stack>
  );
}
