import type { Simulation } from '../api/types';

export type Field = Simulation['field'][number];

/** Where on the profile a distance lies: the nearest node, held within its ends. */
export function nodeAt(mm: number, fromMm: number, stepMm: number, count: number): number {
  return Math.min(count - 1, Math.max(0, Math.round((mm - fromMm) / stepMm)));
}

export function rgb(hex: string): [number, number, number] {
  const n = Number.parseInt(hex.slice(1), 16);
  return [(n >> 16) & 255, (n >> 8) & 255, n & 255];
}

/**
 * Pixels of one panel: each node of the field takes the colour of its distance; `marked` stipples the nodes where
 * something is seen.
 */
export function paint(
  field: Field,
  fromMm: number,
  stepMm: number,
  colours: readonly string[],
  marked: readonly boolean[],
): Uint8ClampedArray<ArrayBuffer> {
  const table = colours.map(rgb);
  const pixels = new Uint8ClampedArray(field.nx * field.ny * 4);
  field.mm.forEach((mm, k) => {
    if (mm === null) {
      return;
    }
    const node = nodeAt(mm, fromMm, stepMm, colours.length);
    const [r, g, b] = table[node] ?? [0, 0, 0];
    const dot = marked[node] === true && ((k % field.nx) + Math.floor(k / field.nx)) % 2 === 0;
    pixels.set(dot ? [0, 0, 0, 255] : [r, g, b, 255], k * 4);
  });
  return pixels;
}

/** "x1,y1,x2,y2" in the address, in mm; null for anything else. */
export function lineFrom(text: string | null): readonly [readonly [number, number], readonly [number, number]] | null {
  const n = (text ?? '').split(',').map(Number);
  const [a, b, c, d] = n;
  return n.length === 4 &&
    a !== undefined &&
    b !== undefined &&
    c !== undefined &&
    d !== undefined &&
    n.every(Number.isFinite)
    ? [
        [a, b],
        [c, d],
      ]
    : null;
}
