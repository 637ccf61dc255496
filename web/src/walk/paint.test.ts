import { describe, expect, it } from 'vitest';
import type { Walk } from '../api/types';
import { paint } from './paint';

const light = (...greys: number[]) => greys.flatMap((v) => [v, v, v]);

const WALK: Walk = {
  angles: [20, 60],
  old: [light(2), light(0.2)],
  judged: [25],
  standing: [''],
  distances: [1],
  tables: [{ fromMm: 0, stepMm: 10, light: [light(2, 2), light(0.25, 0.2)], index: [[[0, 0]]] }],
  field: [],
};
const FIELD = { panel: 'p', table: 0, x0: 0, y0: 0, step: 10, nx: 3, ny: 1, mm: [0, 10, null] };

describe('a panel painted flat', () => {
  it('gives each place the colour of its distance, and bare places the old finish', () => {
    const pixels = paint(WALK, FIELD, 60, 1);
    expect(pixels).toHaveLength(12);
    expect(pixels[0]).toBeGreaterThan(pixels[4] ?? 0);
    expect(pixels[8]).toBe(pixels[4]);
    expect(pixels[3]).toBe(255);
  });

  it('draws the difference larger', () => {
    const once = paint(WALK, FIELD, 60, 1)[0] ?? 0;
    expect(paint(WALK, FIELD, 60, 4)[0]).toBeGreaterThan(once);
  });

  it('keeps a face brighter than the screen below white', () => {
    expect(paint(WALK, FIELD, 20, 1)[0]).toBeLessThan(255);
  });
});
