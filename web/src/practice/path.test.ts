import { describe, expect, it } from 'vitest';
import { held, speedOf, type Place } from './path';

describe('the gun over the practice panel', () => {
  it('moves as fast as its last places lie apart', () => {
    const path: Place[] = Array.from({ length: 30 }, (_, i) => [i * 20, i * 10, 100, 180]);
    expect(speedOf(path)).toBeCloseTo(500);
    expect(speedOf(path.slice(0, 1))).toBe(0);
  });

  it('does not count a pause as slow spraying', () => {
    const path: Place[] = [
      [0, 0, 0, 180],
      [20, 10, 0, 180],
      [2020, 500, 70, 180],
      [2040, 510, 70, 180],
    ];
    expect(speedOf(path)).toBeCloseTo(500);
  });

  it('is held neither nearer nor further than a hand can', () => {
    expect([held(10), held(180), held(900)]).toEqual([60, 180, 400]);
  });
});
