import { t } from '@lingui/core/macro';

export const KINDS: readonly { kind: string; name: string }[] = [
  { kind: 'white', name: t`white` },
  { kind: 'black', name: t`black` },
  { kind: 'shade', name: t`coloured` },
  { kind: 'aluminium', name: t`aluminium` },
  { kind: 'pearl', name: t`pearl` },
  { kind: 'flop-adjuster', name: t`flop adjuster` },
];

export const kindName = (kind: string): string => KINDS.find((k) => k.kind === kind)?.name ?? kind;

export const isFlake = (kind: string): boolean => kind === 'aluminium' || kind === 'pearl';

/** Readings pasted as they come from an instrument's screen or a spreadsheet: 31 numbers, points or commas; null otherwise. */
export function pasted(text: string): number[] | null {
  const cells = text
    .trim()
    .split(/[\s;]+/u)
    .flatMap((cell) => (/^-?\d+(?:[.,]\d+)?$/u.test(cell) ? [cell] : cell.split(',')))
    .filter((cell) => cell !== '');
  const numbers = cells.map((cell) => Number(cell.replace(',', '.')));
  if (numbers.length !== 31 || numbers.some((n) => !Number.isFinite(n))) {
    return null;
  }
  // Instruments say reflectance in per cent as well as in parts of one.
  return Math.max(...numbers) > 1.5 ? numbers.map((n) => n / 100) : numbers;
}
