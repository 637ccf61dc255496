import { describe, expect, it } from 'vitest';
import type { AngleDifference } from '../api/types';
import { typedNumber } from '../kit/typed';
import { barScale, completeLines, signed } from './numbers';

const at = (dL: number, dC = 0, dH = 0): AngleDifference => ({ angle: 45, dL, dC, dH, da: 0, db: 0, dE: 0 });

describe('numbers of the colour station', () => {
  it('writes differences with a sign, and zero without', () => {
    expect([1.24, -0.41, 0.04, -0.04, 0].map(signed)).toEqual(['+1.2', '\u22120.4', '0', '0', '0']);
  });

  it('scales bars to the largest, never to less than two', () => {
    expect(barScale([at(0.3), at(-0.6)])).toBe(2);
    expect(barScale([at(0.3), at(1, -5.5), at(0, 0, 3)])).toBe(5.5);
    expect(barScale([])).toBe(2);
  });

  it('reads decimal commas and minus signs, and nothing else', () => {
    expect(['12', '12.5', '12,5', '-3', '\u22123', '.5', '+4'].map(typedNumber)).toEqual([
      12, 12.5, 12.5, -3, -3, 0.5, 4,
    ]);
    expect(['', 'a', '1e5', '1 2', '1,2,3', '--1'].map(typedNumber)).toEqual([null, null, null, null, null, null]);
  });

  it('keeps the end of a stream that has not arrived yet', () => {
    expect(completeLines('{"done":1}\n{"done":2}\n{"do')).toEqual({ lines: [{ done: 1 }, { done: 2 }], rest: '{"do' });
    expect(completeLines('')).toEqual({ lines: [], rest: '' });
    expect(completeLines('{"taken":3}\n')).toEqual({ lines: [{ taken: 3 }], rest: '' });
  });
});
