import { describe, expect, it } from 'vitest';
import { linesOf, wishOf } from './toners';

describe('a formula as typed', () => {
  it('adds up a toner that stands twice and leaves empty lines out', () => {
    const lines = [
      { toner: 'green', typed: '100' },
      { toner: '', typed: ' ' },
      { toner: 'green', typed: '20.5' },
    ];
    expect(wishOf(lines, 'g')).toEqual({ green: 120.5 });
  });

  it('is no formula while a line cannot be read or has no toner', () => {
    expect(wishOf([{ toner: 'green', typed: 'much' }], 'g')).toBeNull();
    expect(wishOf([{ toner: '', typed: '3' }], 'g')).toBeNull();
  });

  it('goes out and in the same in ounces (1 oz is 28.349523125 g, NIST Handbook 44)', () => {
    const lines = linesOf([{ key: 'green', grams: 28.349523125 }], 'oz');
    expect(lines).toEqual([{ toner: 'green', typed: '1' }]);
    expect(wishOf(lines, 'oz')?.['green']).toBeCloseTo(28.35, 2);
  });
});
