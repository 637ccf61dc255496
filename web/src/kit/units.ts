import type { FieldFault, Phrase, Quantity, UnitSystem, Weights } from '../api/types';
import { tell } from '../language/tell';

/**
 * Reads and prints quantities for the two kinds of reader. The same cases as the core's Units room,
 * core/tests/fixtures/units.json; factors from NIST SP 811.
 */
interface UnitInfo {
  symbol: string;
  decimals: number;
  factor: number;
  offset: number;
  dimension: Dimension;
}

export type Dimension =
  'length' | 'film' | 'area' | 'volume' | 'mass' | 'pressure' | 'temperature' | 'duration' | 'share';

const unit = (dimension: Dimension, symbol: string, decimals: number, factor = 1, offset = 0): UnitInfo => ({
  dimension,
  symbol,
  decimals,
  factor,
  offset,
});

const UNITS: Record<string, UnitInfo> = {
  mm: unit('length', 'mm', 0),
  cm: unit('length', 'cm', 1, 10),
  m: unit('length', 'm', 2, 1000),
  in: unit('length', 'in', 1, 25.4),
  ft: unit('length', 'ft', 2, 304.8),
  um: unit('film', 'µm', 0),
  mil: unit('film', 'mil', 1, 25.4),
  m2: unit('area', 'm²', 2),
  ft2: unit('area', 'ft²', 1, 0.09290304),
  cm2: unit('area', 'cm²', 0, 0.0001),
  in2: unit('area', 'in²', 0, 0.00064516),
  ml: unit('volume', 'ml', 0),
  l: unit('volume', 'L', 2, 1000),
  'fl oz': unit('volume', 'fl oz', 1, 29.5735295625),
  gal: unit('volume', 'gal', 2, 3785.411784),
  g: unit('mass', 'g', 1),
  kg: unit('mass', 'kg', 3, 1000),
  'oz av': unit('mass', 'oz', 2, 28.349523125),
  bar: unit('pressure', 'bar', 1),
  kpa: unit('pressure', 'kPa', 0, 0.01),
  psi: unit('pressure', 'psi', 0, (4.4482216152605 / 645.16) * 10),
  degc: unit('temperature', '°C', 0),
  degf: unit('temperature', '°F', 0, 5 / 9, 32),
  min: unit('duration', 'min', 0),
  '%': unit('share', '%', 0),
};

const SPELLINGS: Record<string, string> = {
  '"': 'in',
  '”': 'in',
  inch: 'in',
  inches: 'in',
  "'": 'ft',
  '°c': 'degc',
  c: 'degc',
  '°f': 'degf',
  f: 'degf',
  µm: 'um',
  μm: 'um',
  mils: 'mil',
  'm²': 'm2',
  'ft²': 'ft2',
  'cm²': 'cm2',
  'in²': 'in2',
  floz: 'fl oz',
  oz: 'fl oz',
  litre: 'l',
  liter: 'l',
  gr: 'g',
  mins: 'min',
  minutes: 'min',
  millimetre: 'mm',
  millimeter: 'mm',
};

const US: Partial<Record<string, string>> = { mm: 'in', um: 'mil', m2: 'ft2', ml: 'fl oz', bar: 'psi', degc: 'degf' };

const INCH_PARTS = 8;

/** Smaller areas, m2, are told in cm2 or in2. */
const SMALL_AREA_M2 = 0.1;

function info(name: string): UnitInfo {
  const found = UNITS[name.toLowerCase()];
  if (found === undefined) {
    throw new Error(`Unknown unit ${name}`);
  }
  return found;
}

function inUnit(base: number, to: UnitInfo): number {
  return base / to.factor + to.offset;
}

export function convert(value: number, from: string, to: string): number {
  const source = info(from);
  return inUnit((value - source.offset) * source.factor, info(to));
}

function inches(value: number): string {
  const parts = Math.round(Math.abs(value) * INCH_PARTS);
  const whole = Math.floor(parts / INCH_PARTS);
  const rest = parts % INCH_PARTS;
  const sign = value < 0 && parts > 0 ? '-' : '';
  if (rest === 0) {
    return `${sign}${whole}`;
  }
  const common = rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  const fraction = `${rest / common}/${INCH_PARTS / common}`;
  return whole === 0 ? `${sign}${fraction}` : `${sign}${whole} ${fraction}`;
}

/** From here on lengths are told in m and ft. */
const FAR_MM = 2000;

/** "240 mm", "9 1/2 in", "5 m": rounded for the bench. `value` is in the quantity's own (base) unit. */
export function formatQuantity(quantity: Quantity, system: UnitSystem): string {
  if (quantity.unit.toLowerCase() === 'mm' && Math.abs(quantity.value) >= FAR_MM) {
    return system === 'us'
      ? `${Math.round(convert(quantity.value, 'mm', 'ft'))} ft`
      : `${Number(convert(quantity.value, 'mm', 'm').toFixed(1))} m`;
  }
  return formatNear(quantity, system);
}

function formatNear(quantity: Quantity, system: UnitSystem): string {
  const base = quantity.unit.toLowerCase();
  let name = system === 'us' ? (US[base] ?? base) : base;
  if (name === 'ml' && Math.abs(quantity.value) >= 1000) {
    name = 'l';
  }
  if (base === 'm2' && Math.abs(quantity.value) < SMALL_AREA_M2) {
    name = name === 'ft2' ? 'in2' : 'cm2';
  }
  return formatIn(quantity.value, name);
}

function formatIn(base: number, name: string): string {
  const to = info(name);
  const value = inUnit(base, to);
  if (name === 'in') {
    return `${inches(value)} in`;
  }
  const text = roundHalfUp(value, to.decimals);
  return `${text}${to.symbol === '%' ? '' : ' '}${to.symbol}`;
}

/** toFixed rounds 1.005 down for binary reasons; people read half up, as the core does. */
function roundHalfUp(value: number, decimals: number): string {
  const text = (Math.round((Math.abs(value) + Number.EPSILON) * 10 ** decimals) / 10 ** decimals).toFixed(decimals);
  return value < 0 && Number(text) !== 0 ? `-${text}` : text;
}

/** A weight as a scale shows it: grams to a tenth, ounces (avoirdupois) to a hundredth, about a quarter of a gram. */
export function formatGrams(grams: number, weights: Weights): string {
  const to = info(weights === 'oz' ? 'oz av' : 'g');
  return `${roundHalfUp(inUnit(grams, to), to.decimals)} ${to.symbol}`;
}

/** What was typed on a scale, in grams; a unit may be named, else it is the reader's. Null when it is no weight. */
export function parseGrams(text: string, weights: Weights): number | null {
  const typed = /^\s*(\d*[.,]?\d+|\d+[.,])\s*(g|gr|kg|oz|ounces?)?\s*$/iu.exec(text);
  if (typed === null) {
    return null;
  }
  const named = (typed[2] ?? weights).toLowerCase();
  const from = info(named.startsWith('o') ? 'oz av' : named === 'kg' ? 'kg' : 'g');
  return Number((typed[1] ?? '').replace(',', '.')) * from.factor;
}

export const formatMm = (mm: number, system: UnitSystem): string => formatQuantity({ value: mm, unit: 'mm' }, system);

/** The number to put into an input, in the unit that unitSymbol names: nobody reads litres before "ml". */
export function numberFor(value: number, base: string, system: UnitSystem): string {
  const name = base.toLowerCase();
  return formatIn(value, system === 'us' ? (US[name] ?? name) : name).replace(/\s*[^\d\s/.-]+\S*( oz)?$/u, '');
}

export function unitSymbol(base: string, system: UnitSystem): string {
  return info(system === 'us' ? (US[base.toLowerCase()] ?? base) : base).symbol;
}

/** What a person typed, in the base unit; null when it is no such quantity. */
export function parseQuantity(text: string, base: string, system: UnitSystem): number | null {
  const clean = text.replaceAll('\u00a0', ' ').replaceAll('\u2212', '-').trim();
  const fraction = /^(-)?(?:(\d+)\s+)?(\d+)\/(\d+)\s*(.*)$/u.exec(clean);
  const plain = /^(-)?(\d*[.,]?\d+|\d+[.,])\s*(.*)$/u.exec(clean);
  let number: number;
  let suffix: string;
  let negative: boolean;
  if (fraction !== null) {
    number = Number(fraction[2] ?? 0) + (Number(fraction[4]) === 0 ? NaN : Number(fraction[3]) / Number(fraction[4]));
    suffix = fraction[5] ?? '';
    negative = fraction[1] === '-';
  } else if (plain !== null) {
    number = Number((plain[2] ?? '').replace(',', '.'));
    suffix = plain[3] ?? '';
    negative = plain[1] === '-';
  } else {
    return null;
  }
  const wanted = info(base);
  const key = suffix.trim().toLowerCase();
  const named =
    key === '' ? (system === 'us' ? (US[base.toLowerCase()] ?? base) : base).toLowerCase() : (SPELLINGS[key] ?? key);
  const from = UNITS[named];
  if (!Number.isFinite(number) || from === undefined || from.dimension !== wanted.dimension) {
    return null;
  }
  return ((negative ? -number : number) - from.offset) * from.factor;
}

/** What is wrong with a field, with its bounds in the reader's units where the core gave them apart. */
export const faultText = (fault: FieldFault, system: UnitSystem): string =>
  fault.phrase === undefined ? fault.detail : phraseText(fault.phrase, system);

/** A phrase of the core in the language of the page, its quantities in the reader's units. A string is a name. */
export function phraseText(phrase: Phrase, system: UnitSystem): string {
  const values = Object.entries(phrase.values).map(([name, value]) => [name, valueText(value, system)]);
  const told = Object.fromEntries(values) as Record<string, string | number>;
  return tell(phrase.text, values.length === 0 ? undefined : told);
}

function valueText(value: Phrase['values'][string], system: UnitSystem): string | number {
  if (Array.isArray(value)) {
    return listed(value.map((item) => (typeof item === 'string' ? item : phraseText(item, system))));
  }
  if (typeof value !== 'object') {
    return value;
  }
  return 'text' in value ? phraseText(value, system) : formatQuantity(value, system);
}

/** "a, b and c". */
export function listed(items: string[]): string {
  return new Intl.ListFormat('en-GB', { type: 'conjunction' }).format(items);
}
