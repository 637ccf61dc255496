import type { Pair } from '../map/geometry';

/** How far past the primer a contour stands after its grip was pulled: only the pull away from the middle counts. */
export function reachAfterDrag(reachMm: number, centre: Pair, grip: Pair, from: Pair, to: Pair): number {
  const out: Pair = [grip[0] - centre[0], grip[1] - centre[1]];
  const length = Math.hypot(out[0], out[1]);
  if (length === 0) {
    return reachMm;
  }
  const pulled = ((to[0] - from[0]) * out[0] + (to[1] - from[1]) * out[1]) / length;
  return Math.max(0, Math.round(reachMm + pulled));
}

const STEP_MM = 10;

/** Arrow keys move by 10 mm, by 1 mm with Shift; null for any other key. */
export function reachAfterKey(key: string, shift: boolean, reachMm: number): number | null {
  const step = shift ? 1 : STEP_MM;
  switch (key) {
    case 'ArrowRight':
    case 'ArrowUp':
      return reachMm + step;
    case 'ArrowLeft':
    case 'ArrowDown':
      return Math.max(0, reachMm - step);
    case 'Home':
      return 0;
    default:
      return null;
  }
}
