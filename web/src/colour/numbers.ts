import type { AngleDifference } from '../api/types';

/** "+1.2", "−0.4", "0": a difference with its sign, and no sign where it would be rounded away. */
export function signed(value: number): string {
  const text = Math.abs(value).toFixed(1);
  return Number(text) === 0 ? '0' : `${value > 0 ? '+' : '\u2212'}${text}`;
}

/** What a full bar stands for: the largest part, but never less than 2, so that small differences look small. */
export function barScale(angles: readonly AngleDifference[]): number {
  return Math.max(2, ...angles.flatMap((a) => [Math.abs(a.dL), Math.abs(a.dC), Math.abs(a.dH)]));
}

/** Lines of newline-separated JSON that are complete, and what is left of the last one. */
export function completeLines(text: string): { lines: unknown[]; rest: string } {
  const parts = text.split('\n');
  const rest = parts.pop() ?? '';
  return { lines: parts.filter((p) => p.trim() !== '').map((p) => JSON.parse(p) as unknown), rest };
}
