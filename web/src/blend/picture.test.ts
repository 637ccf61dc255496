import { describe, expect, it } from 'vitest';
import { lineFrom, nodeAt, paint, rgb, type Field } from './picture';

describe('the light walk', () => {
  it('finds the node of a distance, held within the profile', () => {
    expect([-500, -80, -78, 0, 3, 1000].map((mm) => nodeAt(mm, -80, 5, 50))).toEqual([0, 0, 0, 16, 17, 49]);
  });

  it('paints each node with the colour of its distance, nothing outside the panel, and stipples what is seen', () => {
    const field: Field = { panel: 'a', x0: 0, y0: 0, step: 10, nx: 3, ny: 2, mm: [0, 5, null, 10, 10, 999] };
    const pixels = paint(field, 0, 5, ['#010203', '#ff0000', '#00ff00'], [false, false, true]);
    expect([...pixels.slice(0, 4)]).toEqual([1, 2, 3, 255]);
    expect([...pixels.slice(4, 8)]).toEqual([255, 0, 0, 255]);
    expect(pixels[11]).toBe(0);
    // Every other node of what is seen is black, like a chessboard.
    expect([...pixels.slice(12, 16)]).toEqual([0, 255, 0, 255]);
    expect([...pixels.slice(16, 20)]).toEqual([0, 0, 0, 255]);
  });

  it('reads colours', () => {
    expect(rgb('#12abff')).toEqual([0x12, 0xab, 0xff]);
  });
});

describe('a cut in the address', () => {
  it('is four numbers or nothing', () => {
    expect(lineFrom('1,2.5,-3,4')).toEqual([
      [1, 2.5],
      [-3, 4],
    ]);
    expect([null, '', '1,2,3', '1,2,3,x', '1,2,3,4,5'].map(lineFrom)).toEqual([null, null, null, null, null]);
  });
});
