import { Box } from '@mui/material';
import { Meaning } from '../bench/Meaning';
import type { StationId } from '../bench/stations';
import type { BenchHandle } from '../bench/useBench';
import { Empty } from '../kit/States';

const WORDS: Record<Exclude<StationId, 'car' | 'blend' | 'cups'>, { title: string; words: string }> = {
  colour: {
    title: 'The card against the car',
    words: 'Readings of the car and of each spray-out card will be compared here, angle by angle, with the tint advice when a card is not there yet. Until then the plan assumes a blendable match: hold a card to the car before you commit.',
  },
  booth: {
    title: 'Locked until a card has passed',
    words: 'The run will be led here step by step: coat, reach, pressure, cup, and the countdown to dull. Until then take the booth sheet with you.',
  },
  'look-back': {
    title: 'After the job',
    words: 'What was seen in daylight, what likely caused it and what the next plan for this colour will do differently will be kept here.',
  },
};

/** A station that is not built yet says what it will hold, and nothing more. */
export function LaterStation({ station, handle }: { station: keyof typeof WORDS; handle: BenchHandle }) {
  const { title, words } = WORDS[station];
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1 }}>
        <Empty title={title}>{words}</Empty>
      </Box>
      <Meaning plan={handle.plan} where={(at) => at === 'booth'} />
    </Box>
  );
}
