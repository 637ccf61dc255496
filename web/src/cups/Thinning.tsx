import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  LinearProgress,
  Slider,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { Cup, Reduction, ReductionWay } from '../api/types';
import { thin } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { Failed } from '../kit/States';
import { tell } from '../language/tell';
import { Effects } from './Effects';
import { useReduction } from './useCups';
import { useSettled } from './useSettled';
import { VocLaws } from './VocLaws';

/** How a mix is thinned: named ways and a slider with the sheet's window on it; what moves with it stands below, at once. */
export function Thinning({ cup, handle }: { cup: Cup; handle: BenchHandle }) {
  const { bench, document, plan } = handle;
  // While the slider is pulled: its reducer, as a share of the sheet's.
  const [pulled, setPulled] = useState<number | null>(null);
  const [only, setOnly] = useState('');
  const all = cup.coats.map((c) => c.coat);
  const coats = all.includes(only) ? [only] : all;
  const shown = pulled === null ? document : thin(document, plan.sequence, coats, { reducer: pulled }, '').document;
  // A coat that is thinned apart comes out of a mix of its own: what is asked about is the coat.
  const query = useReduction(bench.id, shown, coats[0] ?? '');
  const name = tell(cup.name);
  if (query.isError) {
    return <Failed error={query.error} retry={() => void query.refetch()} />;
  }
  if (query.data === undefined) {
    return <LinearProgress aria-label={t`Thinning this mix in the model`} sx={{ mt: 2 }} />;
  }
  const found = query.data;
  const choose = (part: Parameters<typeof thin>[3], words: string) =>
    handle.change(thin(document, plan.sequence, coats, part, t`${name}: ${words}`));
  return (
    <Box
      role="group"
      aria-label={t`How ${name} is thinned`}
      sx={{ mt: 2, pt: 2, borderTop: (theme) => `1px solid ${theme.tokens.line}` }}
    >
      {all.length > 1 && (
        <ToggleButtonGroup
          exclusive
          value={coats.length === 1 ? only : ''}
          onChange={(_, value: string | null) => setOnly(value ?? '')}
          aria-label={t`For which coats`}
          sx={{ mb: 1.5, flexWrap: 'wrap' }}
        >
          <ToggleButton value="">
            <Trans>all its coats</Trans>
          </ToggleButton>
          {cup.coats.map((coat) => (
            <ToggleButton key={coat.coat} value={coat.coat}>
              <Trans>only {tell(coat.name)}</Trans>
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <Ways
        ways={found.strategies}
        onChoose={(way) => choose({ reducer: way.reducer, blendingClear: way.blendingClear }, tell(way.words))}
      />
      {found.wholePercent !== null && (
        <ReducerSlider
          found={found}
          whole={found.wholePercent}
          label={t`Reducer in ${name}`}
          onPull={setPulled}
          onDrop={(reducer) => {
            setPulled(null);
            choose({ reducer }, t`reducer ${Math.round(reducer * (found.wholePercent ?? 0))}%`);
          }}
        />
      )}
      {found.against !== 0 && found.against !== null && (
        <ReasonField
          reason={found.reason}
          onCommit={(reason) => choose({ reason }, reason === '' ? t`no reason kept` : t`reason kept`)}
        />
      )}
      <Effects found={found} stale={query.isPlaceholderData} />
      <VocLaws laws={found.voc} />
    </Box>
  );
}

function Ways({ ways, onChoose }: { ways: readonly ReductionWay[]; onChoose: (way: ReductionWay) => void }) {
  return (
    <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
      {ways.map((way) => (
        <Button
          key={way.key}
          variant={way.chosen ? 'contained' : 'outlined'}
          aria-pressed={way.chosen}
          title={tell(way.purpose)}
          onClick={() => onChoose(way)}
        >
          {tell(way.words)}
        </Button>
      ))}
      <Typography color="text.secondary" sx={{ flexBasis: '100%' }}>
        {tell(ways.find((way) => way.chosen)?.purpose ?? '')}
      </Typography>
    </Stack>
  );
}

const percent = (value: number): string => `${Math.round(value)}%`;

function ReducerSlider({
  found,
  whole,
  label,
  onPull,
  onDrop,
}: {
  found: Reduction;
  whole: number;
  label: string;
  onPull: (reducer: number) => void;
  onDrop: (reducer: number) => void;
}) {
  const { shown: local, move } = useSettled(found.percent === null ? null : Math.round(found.percent), (percent) =>
    onDrop(Math.round((1000 * percent) / whole) / 1000),
  );
  const least = Math.ceil(found.least * whole);
  const most = Math.floor(found.most * whole);
  const value = Math.round(local ?? found.percent ?? whole);
  const at = (p: number) => `${(100 * (Math.min(most, Math.max(least, p)) - least)) / (most - least)}%`;
  const window = found.window ?? null;
  const from = window?.[0] ?? least;
  const to = window?.[1] ?? most;
  const marks = [...new Set([least, from, to, most])].filter((p) => p >= least && p <= most);
  return (
    <Box sx={{ px: 2, pt: 4.5, maxWidth: 720 }}>
      <Box sx={{ position: 'relative' }}>
        {window !== null && (
          <Box
            aria-hidden
            sx={{
              position: 'absolute',
              left: at(from),
              width: `calc(${at(to)} - ${at(from)})`,
              top: 0,
              bottom: '20px',
              marginBlock: 'auto',
              height: 22,
              borderRadius: 0.5,
              backgroundColor: (theme) => theme.tokens.bed,
              opacity: 0.55,
            }}
          />
        )}
        <Slider
          aria-label={label}
          value={value}
          min={least}
          max={most}
          step={1}
          marks={marks.map((p) => ({ value: p, label: percent(p) }))}
          valueLabelDisplay="on"
          valueLabelFormat={percent}
          getAriaValueText={percent}
          track={false}
          onChange={(_, next) => {
            move(next);
            onPull(next / whole);
          }}
        />
      </Box>
      <Typography variant="body2" color="text.secondary">
        {window === null ? (
          <Trans>Reducer on all the rest. The data sheet gives no window.</Trans>
        ) : (
          <Trans>
            Reducer on all the rest. Shaded: what the data sheet allows, {percent(from)} to {percent(to)}.
          </Trans>
        )}
      </Typography>
    </Box>
  );
}

/** Outside of the window anybody may go; why is asked, and kept. */
function ReasonField({ reason, onCommit }: { reason: string; onCommit: (reason: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const commit = () => {
    if (typed !== null && typed.trim() !== reason) {
      onCommit(typed.trim().slice(0, 120));
    }
    setTyped(null);
  };
  return (
    <TextField
      label={t`Outside the data sheet: why?`}
      value={typed ?? reason}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          commit();
        }
        event.stopPropagation();
      }}
      helperText={t`Kept with the plan and printed.`}
      slotProps={{ htmlInput: { maxLength: 120 } }}
      sx={{ mt: 2, width: '100%', maxWidth: 560 }}
    />
  );
}
