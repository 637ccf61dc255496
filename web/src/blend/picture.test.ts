import { describe, expect, it } from 'vitest';
import type { SchoolOutlook } from '../api/types';
import { bySense, lineFrom, nodeAt, paint, rgb, type Field } from './picture';

const school = (part: Partial<SchoolOutlook>): SchoolOutlook => ({
  key: 'x', name: 'x', how: '', risk: '', seen: false, index: 0.5, says: { text: '', values: {}, plain: '' }, certainty: 'sure', panels: 1,
  reach: { value: 200, unit: 'mm' }, paint: { value: 300, unit: 'ml' }, minutes: { value: 40, unit: 'min' }, thumb: { text: '', values: {}, plain: '' }, ...part,
});

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

describe('schools side by side', () => {
  it('puts what nobody sees first, then fewer panels, surer, less paint, less time', () => {
    const rows = [
      school({ key: 'seen more', seen: true, index: 3 }), school({ key: 'two panels', panels: 2 }), school({ key: 'doubtful', certainty: 'doubtful' }),
      school({ key: 'seen', seen: true, index: 1.2 }), school({ key: 'best' }), school({ key: 'thirsty', paint: { value: 900, unit: 'ml' } }), school({ key: 'slow', minutes: { value: 90, unit: 'min' } }),
    ];
    expect(rows.sort(bySense).map((r) => r.key)).toEqual(['best', 'slow', 'thirsty', 'doubtful', 'two panels', 'seen', 'seen more']);
  });
});

describe('a cut in the address', () => {
  it('is four numbers or nothing', () => {
    expect(lineFrom('1,2.5,-3,4')).toEqual([[1, 2.5], [-3, 4]]);
    expect([null, '', '1,2,3', '1,2,3,x', '1,2,3,4,5'].map(lineFrom)).toEqual([null, null, null, null, null]);
  });
});
