import type { Weights } from '../api/types';
import { convert, parseGrams } from '../kit/units';

/** A toner and how much of it, as typed. */
export interface Line {
  toner: string;
  typed: string;
}

const number = (value: number): string => String(Math.round(value * 1000) / 1000);

/** Lines to type in, from grams. */
export const linesOf = (toners: readonly { key: string; grams: number }[], weights: Weights): Line[] =>
  toners.map(({ key, grams }) => ({
    toner: key,
    typed: number(weights === 'oz' ? convert(grams, 'g', 'oz av') : grams),
  }));

/** Grams by toner; null while something cannot be read. A toner that stands twice is added up; an empty line is none. */
export function wishOf(lines: readonly Line[], weights: Weights): Record<string, number> | null {
  const out: Record<string, number> = {};
  for (const line of lines) {
    if (line.typed.trim() === '' && line.toner === '') {
      continue;
    }
    const grams = parseGrams(line.typed, weights);
    if (grams === null || line.toner === '') {
      return null;
    }
    out[line.toner] = (out[line.toner] ?? 0) + grams;
  }
  return out;
}
