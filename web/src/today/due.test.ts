import { describe, expect, it } from 'vitest';
import { dueWords, pressing } from './due';

const NOW = new Date(2026, 10, 28, 9, 57);

describe('when a car is due', () => {
  it('knows what is late, today, later and open', () => {
    const cases = ['2026-11-28T09:30', '2026-11-28T16:00', '2026-11-29T08:00', null];
    expect(cases.map((due) => pressing(due, NOW))).toEqual(['late', 'today', 'later', 'open']);
  });

  it('speaks of near days as people do', () => {
    const words = (due: string) => dueWords(due, NOW, 'en-GB');
    expect(words('2026-11-28T16:00')).toBe('16:00');
    expect(words('2026-11-29T12:00')).toBe('tomorrow 12:00');
    expect(words('2026-11-27T12:00')).toBe('yesterday 12:00');
    expect(words('2026-12-01T16:00')).toBe('Tue 16:00');
    expect(words('2026-12-24T16:00')).toBe('24 Dec');
  });
});
