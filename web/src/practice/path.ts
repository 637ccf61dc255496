/** A place of the gun: ms, mm across, mm down, mm from the panel. */
export type Place = [number, number, number, number];

/** What the core takes at the most; beyond it the oldest are kept, and the rest is no longer sprayed. */
export const MOST_PLACES = 6000;

/** Nearer or further nobody holds a gun, mm. */
export const NEAREST_MM = 60;
export const FURTHEST_MM = 400;

export const held = (distanceMm: number): number => Math.min(FURTHEST_MM, Math.max(NEAREST_MM, distanceMm));

/** Lengths of strokes and how long they took: what the panel says while somebody sprays, mm/s. */
export function speedOf(path: readonly Place[], last = 12): number {
  const from = Math.max(1, path.length - last);
  let mm = 0;
  let ms = 0;
  for (let i = from; i < path.length; i++) {
    const [a, b] = [path[i - 1], path[i]];
    if (a !== undefined && b !== undefined && b[0] - a[0] < 400) {
      mm += Math.hypot(b[1] - a[1], b[2] - a[2]);
      ms += b[0] - a[0];
    }
  }
  return ms === 0 ? 0 : (1000 * mm) / ms;
}
