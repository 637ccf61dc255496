import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { RunEvent, RunPlan } from '../api/types';
import { leftMin, replay, stepOf } from './replay';

interface Case {
  name: string;
  events: RunEvent[];
  expect: { at: number; step: string | null; steps?: string[]; left: [number, number][] };
}

const file = JSON.parse(
  readFileSync(resolve(import.meta.dirname, '../../../core/tests/fixtures/runs.json'), 'utf8'),
) as { run: RunPlan; zeroMs: number; cases: Case[] };

describe('a run', () => {
  it.each(file.cases.map((c) => [c.name, c] as const))('%s', (_, c) => {
    // Sent twice and backwards, it is the same.
    for (const events of [c.events, [...c.events, ...c.events].reverse()]) {
      const state = replay(file.run, events);
      expect(state.at).toBe(c.expect.at);
      expect(stepOf(state)?.id ?? null).toBe(c.expect.step);
      if (c.expect.steps !== undefined) {
        expect(state.steps.map((s) => s.id)).toEqual(c.expect.steps);
      }
      for (const [minute, left] of c.expect.left) {
        expect(leftMin(file.run, state, file.zeroMs + Math.round(minute * 60_000))).toBeCloseTo(left, 6);
      }
    }
  });

  it('leaves the plan it was begun from as it was', () => {
    const before = JSON.stringify(file.run);
    for (const c of file.cases) {
      replay(file.run, c.events);
    }
    expect(JSON.stringify(file.run)).toBe(before);
  });
});
