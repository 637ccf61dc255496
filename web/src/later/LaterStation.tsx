import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { Empty } from '../kit/States';
import type { StationId } from '../kit/stations';

const WORDS: Record<Exclude<StationId, 'car' | 'colour' | 'blend' | 'cups'>, { title: string; words: string }> = {
  booth: {
    title: t`Locked until a card has passed`,
    words: t`The run will be led here step by step: coat, reach, pressure, cup, and the countdown to dull. Until then take the booth sheet with you.`,
  },
  'look-back': {
    title: t`After the job`,
    words: t`What was seen in daylight, what likely caused it and what the next plan for this colour will do differently will be kept here.`,
  },
};

const OPEN = {
  title: t`The booth is open`,
  words: t`A card sprayed the way this plan sprays has passed, or the lead decided. The run itself is not led here yet: take the booth sheet with you.`,
};

/** A station that is not built yet says what it will hold, and nothing more. */
export function LaterStation({ station, handle }: { station: keyof typeof WORDS; handle: BenchHandle }) {
  const open = station === 'booth' && handle.plan.stations.find((s) => s.id === 'booth')?.ready === true;
  const { title, words } = open ? OPEN : WORDS[station];
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1 }}>
        <Empty title={title}>{words}</Empty>
      </Box>
      <Meaning plan={handle.plan} where={(at) => at === 'booth'} />
    </Box>
  );
}
