import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { Empty } from '../kit/States';

const WORDS = {
  'look-back': {
    title: t`After the job`,
    words: t`What was seen in daylight, what likely caused it and what the next plan for this colour will do differently will be kept here.`,
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
