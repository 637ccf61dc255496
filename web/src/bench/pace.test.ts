import { expect, test } from 'vitest';
import { pace } from './pace';

/** People who ask, wait for their answer and rest, at a desk that answers one question after another; the last waits, ms. */
function crowd(
  people: number,
  workMs: number,
  rests: () => (tookMs: number) => number,
): { waits: number[]; answers: number } {
  const asks = Array.from({ length: people }, (_, i) => ({ at: i, rest: rests() }));
  const waits: number[] = [];
  let free = 0;
  let answers = 0;
  while (free < 30_000) {
    asks.sort((a, b) => a.at - b.at);
    const next = asks[0];
    if (next === undefined) {
      break;
    }
    free = Math.max(free, next.at) + workMs;
    const took = free - next.at;
    answers += 1;
    if (free > 5_000) {
      waits.push(took);
    }
    next.at = free + next.rest(took);
  }
  return { waits: waits.sort((a, b) => a - b), answers };
}

test('one painter is answered as fast as the shop can', () => {
  expect(crowd(1, 40, pace).waits.at(-1)).toBe(40);
  expect(pace()(100)).toBe(0);
});

test('twenty who drag at once get newer answers, and no fewer of them', () => {
  // 20 ms is what two processors need for one plan, docs/reliability.md.
  const paced = crowd(20, 20, pace);
  const pressed = crowd(20, 20, () => () => 0);
  expect(pressed.waits.at(-1)).toBe(400);
  expect(paced.waits.at(-1)).toBeLessThan(300);
  // But for the moment in which all rest at once for the first time.
  expect(paced.answers).toBeGreaterThan(0.99 * pressed.answers);
});

test('a shop that stands still is asked once a second', () => {
  expect(pace()(20_000)).toBe(1000);
});
