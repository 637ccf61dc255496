import { describe, expect, it } from 'vitest';
import { clockWords, minuteOf, wall, wallAt } from './clock';

describe('the clock on the wall', () => {
  it('goes to minutes and back, over midnights and months', () => {
    for (const minute of [0, 599, 1439, 1440, 4 * 1440 + 75]) {
      expect(minuteOf('2026-11-28T09:57', wallAt('2026-11-28T09:57', minute))).toBe(minute);
    }
    expect(wallAt('2026-11-28T09:57', 3 * 1440 + 480)).toBe('2026-12-01T08:00');
    expect(wall(new Date(2026, 0, 2, 3, 4))).toBe('2026-01-02T03:04');
  });

  it('names another day', () => {
    expect(clockWords('2026-11-28T09:57', 850, 'en-GB')).toBe('14:10');
    expect(clockWords('2026-11-28T09:57', 1440 + 560, 'en-GB')).toBe('Sun 09:20');
  });
});
