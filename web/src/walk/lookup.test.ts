import { describe, expect, it } from 'vitest';
import type { Walk } from '../api/types';
import { exaggerated, exposureFor, indexAt, lightAt, oldLight, screenByte } from './lookup';

/** Two angles, two distances, three places 10 mm apart. */
const WALK: Walk = {
  angles: [20, 60],
  old: [
    [0.8, 0.8, 0.8],
    [0.2, 0.2, 0.2],
  ],
  judged: [25, 45],
  standing: ['a', 'b'],
  distances: [1, 4],
  tables: [
    {
      fromMm: -10,
      stepMm: 10,
      light: [
        [1, 1, 1, 0.9, 0.9, 0.9, 0.8, 0.8, 0.8],
        [0.4, 0.4, 0.4, 0.3, 0.3, 0.3, 0.2, 0.2, 0.2],
      ],
      index: [
        [
          [0, 2, 0],
          [0, 1, 0],
        ],
        [
          [0, 4, 0],
          [0, 2, 0],
        ],
      ],
    },
  ],
  field: [],
};

describe('what a walk looks up', () => {
  it('finds light between places and angles, and holds it beyond the ends', () => {
    expect(lightAt(WALK, 0, 0, 20)[1]).toBeCloseTo(0.9);
    expect(lightAt(WALK, 0, 5, 40)[1]).toBeCloseTo(0.55);
    expect(lightAt(WALK, 0, 5000, 5)[1]).toBeCloseTo(0.8);
    expect(lightAt(WALK, 0, null, 60)[1]).toBeCloseTo(0.2);
    expect(oldLight(WALK, 40)[0]).toBeCloseTo(0.5);
  });

  it('weighs distances by their ratio: half way from 1 to 4 m is 2 m', () => {
    expect(indexAt(WALK, 0, 0, 25, 2)).toBeCloseTo(1.5);
    expect(indexAt(WALK, 0, 0, 35, 1)).toBeCloseTo(3);
    expect(indexAt(WALK, 0, null, 35, 1)).toBe(0);
    expect(indexAt(WALK, 0, 0, 110, 20)).toBeCloseTo(2);
  });

  it('draws a difference larger, and nothing where there is none', () => {
    const old = [0.2, 0.2, 0.2] as const;
    expect(exaggerated(old, old, 4)[0]).toBeCloseTo(0.2);
    const more = exaggerated([0.21, 0.2, 0.19], old, 4);
    expect(Math.cbrt(more[0]) - Math.cbrt(0.2)).toBeCloseTo(4 * (Math.cbrt(0.21) - Math.cbrt(0.2)));
    expect(more[2]).toBeLessThan(0.19);
  });

  it('dims what is brighter than a screen and leaves the dark dark', () => {
    expect(exposureFor([0.05, 0.05, 0.05])).toBe(1);
    expect(exposureFor([2, 2, 2])).toBeCloseTo(0.36);
  });

  it('encodes for the screen: linear 0.2140 is 127 or 128 (IEC 61966-2-1, from memory)', () => {
    expect([127, 128]).toContain(screenByte(0.214));
    expect(screenByte(7)).toBe(255);
  });
});
