/** What we promise of an answer, ms; one that takes longer has waited behind others. */
const PROMISED_MS = 100;

/** Chosen so that twenty who drag at once wait behind four or five and not behind nineteen. */
const HOLD_BACK = 4;

/** Answers that the mean goes back over. Going by the last one alone, all would rest together and ask together. */
const LOOKS_BACK = 3;

/** Longer than this nobody takes for following the hand, ms. */
const LONGEST_MS = 1000;

/**
 * How long to rest before the next question while something is dragged, told what the last answer took, ms. A busy shop answers
 * as many questions a second either way; asked more rarely, what it answers is newer.
 */
export function pace(): (tookMs: number) => number {
  let mean: number | null = null;
  return (tookMs) => {
    mean = mean === null ? tookMs : mean + (tookMs - mean) / LOOKS_BACK;
    return Math.min(LONGEST_MS, Math.max(0, mean - PROMISED_MS) * HOLD_BACK);
  };
}
