import { describe, expect, it } from 'vitest';
import { LIGHT } from '../theme/tokens';
import { contrast, luminance, paintOf } from './paint';

describe('ink on the colour of a car', () => {
  it('knows contrast: black on white is 21, #777777 on white 4.48 (WCAG 2, from memory)', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21);
    expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 1);
    expect(luminance('#808080')).toBeCloseTo(0.2159, 3);
  });

  it('can be read on every colour a car can have', () => {
    for (let r = 0; r < 256; r += 17) {
      for (let g = 0; g < 256; g += 17) {
        for (let b = 0; b < 256; b += 17) {
          const hex = `#${[r, g, b].map((v) => v.toString(16).padStart(2, '0')).join('')}`;
          expect(contrast(paintOf(hex, LIGHT).ink, hex)).toBeGreaterThanOrEqual(4.5);
        }
      }
    }
  });

  it('leaves the panels plain while nobody has read the car', () => {
    expect(paintOf(null, LIGHT).fill).toBe(LIGHT.panelInPlay);
  });
});
