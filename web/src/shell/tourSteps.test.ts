// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { keepTour, keptTour, nextStep, TOUR, tourPath } from './tourSteps';

describe('the tour', () => {
  beforeEach(() => localStorage.clear());

  it('goes through a car, station by station', () => {
    expect(tourPath(0, 'j')).toBe('/');
    expect(tourPath(3, 'j')).toBe('/jobs/j/blend');
    expect(nextStep(0, 1, 'j')).toBe(1);
    expect(nextStep(TOUR.length - 1, 1, 'j')).toBeNull();
    expect(nextStep(0, -1, 'j')).toBeNull();
  });

  it('leaves the stations out where there is no car', () => {
    const next = nextStep(0, 1, null);
    expect(next === null ? null : tourPath(next, null)).toBe('/calibration');
    expect(nextStep(next ?? 0, -1, null)).toBe(0);
  });

  it('goes on where it was left, and does not fall over what else is kept there', () => {
    expect(keptTour()).toBeNull();
    keepTour({ step: 4, open: false });
    expect(keptTour()).toEqual({ step: 4, open: false });
    localStorage.setItem('kalopsis.tour', '{"step": 99, "open": 1}');
    expect(keptTour()).toEqual({ step: TOUR.length - 1, open: false });
    localStorage.setItem('kalopsis.tour', 'nonsense');
    expect(keptTour()).toBeNull();
  });
});
