import { describe, expect, it } from 'vitest';
import type { JobPlan, PlannedCoat } from '../api/types';
import { chartScale, fadePath, ticks } from './chart';

const coat = (reach: number, fadeMm: number, innerMm: number | null = null) =>
  ({
    reach: { value: reach, unit: 'mm', reasons: [] },
    fadeMm,
    limitMm: reach + fadeMm,
    innerMm,
  }) as unknown as PlannedCoat;

const plan = (coats: PlannedCoat[], need: number, room: number | null) =>
  ({
    coats,
    need: {
      figure: { value: need, unit: 'mm' },
      room: room === null ? null : { value: room, unit: 'mm' },
      usual: { value: 100, unit: 'mm' },
      fades: true,
    },
  }) as unknown as JobPlan;

/** x of the points of a path. */
const along = (path: string) => [...path.matchAll(/[ML]([\d.]+) /g)].map((m) => Number(m[1]));

describe('the reach chart', () => {
  it('has room for the furthest coat, the need and a gap that is near, not for one far away', () => {
    const near = chartScale(plan([coat(200, 100)], 240, 400), 0, 100);
    expect(near.x(400)).toBeLessThan(100);
    const far = chartScale(plan([coat(200, 100)], 240, 2000), 0, 100);
    expect(far.most).toBeLessThan(400);
    expect(far.x(300)).toBeLessThan(100);
  });

  it('draws a coat from the primer to where it is gone, and a ring from its inner edge', () => {
    const scale = chartScale(plan([coat(200, 100)], 240, null), 0, 324);
    const whole = along(fadePath(coat(200, 100), scale, 10, 10));
    expect(Math.min(...whole)).toBe(0);
    expect(Math.max(...whole)).toBeCloseTo(scale.x(300), 1);
    const ring = along(fadePath(coat(200, 100, 150), scale, 10, 10));
    expect(Math.min(...ring)).toBeCloseTo(scale.x(150), 1);
  });

  it('marks round figures in either system', () => {
    const scale = chartScale(plan([coat(200, 100)], 240, null), 0, 300);
    expect(ticks(scale, false).every((mm) => mm % 50 === 0)).toBe(true);
    expect(ticks(scale, true).every((mm) => Math.abs(mm / 25.4 - Math.round(mm / 25.4)) < 1e-9)).toBe(true);
  });
});
