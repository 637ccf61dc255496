import { differenceCie94, differenceCiede2000, differenceCmc, type Lab65 } from 'culori';
import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';

/* Thousands of random pairs, once by the core (bin/kalopsis differences), once by an independent library (culori). */

type Pair = [number, number, number, number, number, number];

function pairs(n: number): Pair[] {
  // Park and Miller's minimal standard generator (1988): the same pairs on every run.
  let state = 20261123;
  const random = () => (state = (state * 48271) % 2147483647) / 2147483647;
  return Array.from({ length: n }, (_, i) => {
    const near = i % 2 === 0 ? 4 : 60;
    const one = [random() * 100, random() * 200 - 100, random() * 200 - 100] as const;
    const other = one.map((v, c) =>
      c === 0
        ? Math.min(100, Math.max(0, v + (random() - 0.5) * near))
        : Math.min(128, Math.max(-128, v + (random() - 0.5) * near)),
    );
    return [...one, ...other] as Pair;
  });
}

describe('colour differences', () => {
  const given = pairs(5000);
  const ours = JSON.parse(
    execFileSync('php', ['bin/kalopsis', 'differences'], {
      input: JSON.stringify({ pairs: given }),
      maxBuffer: 1 << 26,
    }).toString(),
  ) as { ciede2000: number; cie94: number; cmc: number }[];
  const lab = (l: number, a: number, b: number): Lab65 => ({ mode: 'lab65', l, a, b });
  const cases = given.map(([l1, a1, b1, l2, a2, b2], i) => ({
    one: lab(l1, a1, b1),
    other: lab(l2, a2, b2),
    mine: ours[i],
  }));

  it('agree on CIEDE2000', () => {
    const theirs = differenceCiede2000();
    expect(ours).toHaveLength(5000);
    for (const { one, other, mine } of cases) {
      expect(mine?.ciede2000).toBeCloseTo(theirs(one, other), 6);
    }
  });

  it('agree on CIE 94', () => {
    const theirs = differenceCie94(1, 0.045, 0.015);
    for (const { one, other, mine } of cases) {
      expect(mine?.cie94).toBeCloseTo(theirs(one, other), 6);
    }
  });

  it('agree on CMC(1:1)', () => {
    const theirs = differenceCmc(1, 1);
    for (const { one, other, mine } of cases) {
      expect(mine?.cmc).toBeCloseTo(theirs(one, other), 6);
    }
  });
});
