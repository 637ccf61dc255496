import { describe, expect, it } from 'vitest';
import { placesApart, withoutEdge, ringsPath, scaleBar, viewAround, withAspect, zoomed } from './geometry';

const circle = Array.from({ length: 72 }, (_, i) => [
  100 + 50 * Math.cos((i * Math.PI) / 36),
  200 + 50 * Math.sin((i * Math.PI) / 36),
]);

describe("the map's geometry", () => {
  it('fits boxes with their margin into the shape of the window', () => {
    const view = viewAround(
      [
        [0, 0, 100, 50],
        [200, 10, 300, 60],
      ],
      10,
      2,
    );
    expect(view.w / view.h).toBeCloseTo(2);
    expect(view.x).toBeLessThanOrEqual(-10);
    expect(view.x + view.w).toBeGreaterThanOrEqual(310);
    expect(view.y + view.h / 2).toBeCloseTo(30);
  });

  it('keeps the middle when only the shape changes', () => {
    const view = withAspect({ x: 0, y: 0, w: 100, h: 100 }, 1.5);
    expect([view.x + view.w / 2, view.y + view.h / 2]).toEqual([50, 50]);
  });

  it('zooms about a place that stays put, within limits', () => {
    const view = { x: 0, y: 0, w: 1000, h: 500 };
    const near = zoomed(view, 0.5, [250, 125]);
    expect((250 - near.x) / near.w).toBeCloseTo(0.25);
    expect((125 - near.y) / near.h).toBeCloseTo(0.25);
    expect(zoomed(view, 1e-9, [0, 0]).w).toBe(150);
    expect(zoomed(view, 1e9, [0, 0]).w).toBe(12_000);
  });

  it('finds the place of a contour in a direction', () => {
    const [[x, y]] = placesApart([{ rings: [circle], degrees: 90 }], [100, 200], 10) as [[number, number]];
    expect(x).toBeCloseTo(100);
    expect(y).toBeCloseTo(250);
    expect(placesApart([{ rings: [], degrees: 0 }], [0, 0], 10)).toEqual([null]);
  });

  it('keeps places on contours that run side by side apart', () => {
    const line = (at: number) => [Array.from({ length: 60 }, (_, i) => [at, i * 10])];
    const places = placesApart(
      [0, 8, 16, 24].map((at) => ({ rings: line(at), degrees: 10 })),
      [-300, 300],
      90,
    ) as [number, number][];
    for (const [i, p] of places.entries()) {
      for (const q of places.slice(i + 1)) {
        expect(Math.hypot(p[0] - q[0], p[1] - q[1])).toBeGreaterThanOrEqual(89);
      }
    }
  });

  it('leaves out what only runs along the edge of the panel', () => {
    const edge = [
      [0, 0],
      [100, 0],
      [100, 100],
      [0, 100],
    ];
    expect(
      withoutEdge(
        [
          [50, 2],
          [50, 50],
          [99, 50],
          [-3, 40],
          [30, 88],
        ],
        edge,
      ),
    ).toEqual([
      [50, 50],
      [30, 88],
    ]);
    expect(withoutEdge([], edge)).toEqual([]);
  });

  it('closes every ring of a path', () => {
    expect(
      ringsPath([
        [
          [0, 0],
          [10, 0],
          [10, 10],
        ],
        [
          [2, 2],
          [3, 2],
          [3, 3],
        ],
      ]),
    ).toBe('M0.0 0.0 L10.0 0.0 L10.0 10.0 Z M2.0 2.0 L3.0 2.0 L3.0 3.0 Z');
  });

  it('picks a round scale bar', () => {
    expect(scaleBar(320, false)).toBe(200);
    expect(scaleBar(320, true)).toBe(304.8);
    expect(scaleBar(3, false)).toBe(20);
  });
});
