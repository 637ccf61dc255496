/** Where the tour goes, in order; a page of the guide each. What has a station is shown on a car. */
export const TOUR = [
  'today',
  'car',
  'colour',
  'blend',
  'cups',
  'booth',
  'look-back',
  'calibration',
  'practice',
] as const;

const ON_A_CAR: readonly string[] = ['car', 'colour', 'blend', 'cups', 'booth', 'look-back'];

/** The address of a step; null where it needs a car and there is none. */
export function tourPath(step: number, job: string | null): string | null {
  const key = TOUR[step] ?? 'today';
  if (ON_A_CAR.includes(key)) {
    return job === null ? null : `/jobs/${job}/${key}`;
  }
  return key === 'today' ? '/' : `/${key}`;
}

/** The next step, forwards or back, that there is something to show of; null past either end. */
export function nextStep(step: number, by: 1 | -1, job: string | null): number | null {
  for (let n = step + by; n >= 0 && n < TOUR.length; n += by) {
    if (tourPath(n, job) !== null) {
      return n;
    }
  }
  return null;
}

const KEY = 'kalopsis.tour';

export interface TourState {
  step: number;
  open: boolean;
}

/** Where somebody left it on this device; null: never begun. */
export function keptTour(): TourState | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    if (
      typeof kept === 'object' &&
      kept !== null &&
      'step' in kept &&
      'open' in kept &&
      typeof kept.step === 'number'
    ) {
      return { step: Math.min(TOUR.length - 1, Math.max(0, Math.trunc(kept.step))), open: kept.open === true };
    }
  } catch {
    // What cannot be read was never begun.
  }
  return null;
}

export const keepTour = (state: TourState): void => localStorage.setItem(KEY, JSON.stringify(state));
