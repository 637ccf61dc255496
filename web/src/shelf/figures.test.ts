import { describe, expect, it } from 'vitest';
import type { Sheet } from '../api/types';
import { addProduct, at, keyFor, mayGo, put, removeProduct } from './figures';

const sheet: Sheet = {
  key: 'harbour-line',
  name: 'Harbour Line',
  carrier: 'solvent',
  products: [
    {
      role: 'clear',
      name: 'Clear',
      ratio: '2:1',
      dryFilmUm: 28,
      gun: { bar: 1.8, distanceMm: 200, overlapPercent: 70 },
      sheet: { potLifeMin: 60, flash: { minutes: 7 }, grade: 'production' },
      components: [
        { name: 'clear', densityGPerMl: 0.98, volumeSolids: 0.46 },
        { name: 'hardener', densityGPerMl: 1.05, volumeSolids: 0.4 },
      ],
    },
  ],
};

describe('a sheet', () => {
  it('takes a figure at its path and leaves the rest', () => {
    const next = put(sheet, 'products.0.components.1.volumeSolids', 0.42);
    expect(at(next, 'products.0.components.1.volumeSolids')).toBe(0.42);
    expect(at(next, 'products.0.components.0')).toBe(sheet.products[0]?.components[0]);
    expect(Array.isArray(next.products)).toBe(true);
    expect(at(sheet, 'products.0.components.1.volumeSolids')).toBe(0.4);
  });

  it('makes what is not there yet, lists as lists', () => {
    const next = put(put(sheet, 'products.0.sheet.reducerPercent.0', 5), 'products.0.sheet.reducerPercent.1', 15);
    expect(at(next, 'products.0.sheet.reducerPercent')).toEqual([5, 15]);
    expect(at(put(sheet, 'reducers.fast', 17), 'reducers')).toEqual({ fast: 17 });
  });

  it('takes away what is emptied, and what held nothing else', () => {
    expect(put(sheet, 'products.0.sheet.flash.minutes', null).products[0]?.sheet).toEqual({
      potLifeMin: 60,
      grade: 'production',
    });
    expect(put(put(sheet, 'reducers.fast', 17), 'reducers.fast', null)).toEqual(sheet);
  });

  it('keeps one of each product that a plan needs', () => {
    expect(mayGo(sheet, 0)).toBe(false);
    const two = addProduct(sheet, 'clear');
    expect(two.products).toHaveLength(2);
    expect(two.products[1]?.sheet).toBeUndefined();
    expect(mayGo(two, 0)).toBe(true);
    expect(removeProduct(two, 1)).toEqual(sheet);
    expect(mayGo(addProduct(sheet, 'clear-tint'), 1)).toBe(true);
  });

  it('makes a key of a name', () => {
    expect(keyFor(' Harbour Line W (2) ')).toBe('harbour-line-w-2');
  });
});
