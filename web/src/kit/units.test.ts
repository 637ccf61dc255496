import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { Phrase, UnitSystem } from '../api/types';
import { formatGrams, parseGrams, convert, formatQuantity, numberFor, parseQuantity, phraseText } from './units';

interface Fixture {
  tolerance: number;
  conversions: { value: number; from: string; to: string; is: number }[];
  formats: { value: number; unit: string; metric: string; us: string }[];
  parses: { text: string; dimension: string; system: UnitSystem; is: number }[];
  refuses: { text: string; dimension: string; system: UnitSystem }[];
}

const fixture = JSON.parse(
  readFileSync(resolve(import.meta.dirname, '../../../core/tests/fixtures/units.json'), 'utf8'),
) as Fixture;
const BASE: Record<string, string> = { length: 'mm', volume: 'ml', temperature: 'degC', pressure: 'bar' };

describe('units, with the cases of the core', () => {
  it.each(fixture.conversions)('converts $value $from to $to', ({ value, from, to, is }) => {
    expect(Math.abs(convert(value, from, to) - is)).toBeLessThan(fixture.tolerance * Math.max(1, Math.abs(is)));
  });

  it.each(fixture.formats)('prints $value $unit as $metric and $us', ({ value, unit, metric, us }) => {
    expect(formatQuantity({ value, unit }, 'metric')).toBe(metric);
    expect(formatQuantity({ value, unit }, 'us')).toBe(us);
  });

  it.each(fixture.parses)('reads "$text"', ({ text, dimension, system, is }) => {
    expect(parseQuantity(text, BASE[dimension] ?? '', system)).toBeCloseTo(is, 6);
  });

  it.each(fixture.refuses)('refuses "$text"', ({ text, dimension, system }) => {
    expect(parseQuantity(text, BASE[dimension] ?? '', system)).toBeNull();
  });
});

it('gives inputs a number they can read back', () => {
  for (const system of ['metric', 'us'] as const) {
    for (const [value, base, slack] of [
      [240, 'mm', 1.6],
      [22, 'degC', 0.5],
      [40, 'ml', 1.5],
      [1.4, 'bar', 0.05],
    ] as const) {
      const text = numberFor(value, base, system);
      expect(text).toMatch(/^-?[\d./ ]+$/);
      expect(Math.abs((parseQuantity(text, base, system) ?? NaN) - value)).toBeLessThanOrEqual(slack);
    }
  }
});

it('puts a number into a field in the unit the field shows, however large or small', () => {
  expect(numberFor(1300, 'ml', 'metric')).toBe('1300');
  expect(numberFor(0.005, 'm2', 'metric')).toBe('0.01');
  // 1000 ml are 33.8 US fl oz (NIST SP 811).
  expect(numberFor(1000, 'ml', 'us')).toBe('33.8');
});

it("puts quantities into phrases in the reader's units", () => {
  const phrase = {
    text: 'Needs {need}, has {room} on {panel}.',
    values: { need: { value: 254, unit: 'mm' }, room: { value: 127, unit: 'mm' }, panel: 'Roof' },
    plain: '',
  };
  expect(phraseText(phrase, 'metric')).toBe('Needs 254 mm, has 127 mm on Roof.');
  expect(phraseText(phrase, 'us')).toBe('Needs 10 in, has 5 in on Roof.');
});

describe('weights, in grams or ounces by choice', () => {
  // NIST SP 811: one ounce (avoirdupois) is 28.349 523 125 g.
  it('prints them as a scale does', () => {
    expect(formatGrams(67.58, 'g')).toBe('67.6 g');
    expect(formatGrams(28.349523125, 'oz')).toBe('1.00 oz');
    expect(formatGrams(100, 'oz')).toBe('3.53 oz');
  });

  it('reads what is typed in either, whatever the scale shows', () => {
    expect(parseGrams('180', 'g')).toBe(180);
    expect(parseGrams('1', 'oz')).toBeCloseTo(28.349523125, 9);
    expect(parseGrams('2,5 oz', 'g')).toBeCloseTo(70.8738078125, 9);
    expect(parseGrams('0.2 kg', 'oz')).toBe(200);
    expect(parseGrams('a cup', 'g')).toBeNull();
    expect(parseGrams('-5', 'g')).toBeNull();
  });
});

describe('a phrase of the core', () => {
  const phrase = (text: string, values: Phrase['values']): Phrase => ({ text, values, plain: '' });

  it('is told as the core tells it: plural, terms and lists, quantities in the reader’s units', () => {
    const joins = (n: number) =>
      phraseText(phrase('{n, plural, one {# panel joins} other {# panels join}}', { n }), 'us');
    expect([joins(1), joins(2)]).toEqual(['1 panel joins', '2 panels join']);
    const off = phrase('{by} off', { by: { value: 25.4, unit: 'mm' } });
    const list = phrase('The card is {what}.', { what: ['lighter', 'redder', off] });
    expect(phraseText(list, 'metric')).toBe('The card is lighter, redder and 25 mm off.');
    expect(phraseText(list, 'us')).toBe('The card is lighter, redder and 1 in off.');
    expect(phraseText(phrase('{what}: why?', { what: phrase('reducer', {}) }), 'us')).toBe('reducer: why?');
  });
});
