import { describe, expect, it } from 'vitest';
import { lineFrom } from './picture';

describe('a cut in the address', () => {
  it('is four numbers or nothing', () => {
    expect(lineFrom('1,2.5,-3,4')).toEqual([
      [1, 2.5],
      [-3, 4],
    ]);
    expect([null, '', '1,2,3', '1,2,3,x', '1,2,3,4,5'].map(lineFrom)).toEqual([null, null, null, null, null]);
  });
});
