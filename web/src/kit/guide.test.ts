import { describe, expect, it } from 'vitest';
import { guideAt, guideOf } from './guide';

describe('the guide', () => {
  it('knows the page of an address', () => {
    expect(
      ['/', '/jobs/5a17/blend', '/jobs/5a17/look-back', '/practice/bed-silver', '/calibration'].map(guideAt),
    ).toEqual(['today', 'blend', 'look-back', 'practice', 'calibration']);
  });

  it('falls back to the day where nothing is written', () => {
    expect(guideAt('/jobs/5a17/nowhere')).toBe('today');
    expect(guideOf('nowhere')).toBeUndefined();
  });
});
