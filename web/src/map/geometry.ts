export interface View {
  x: number;
  y: number;
  w: number;
  h: number;
}

export type Pair = readonly [number, number];

export const pair = (p: readonly number[] | undefined): Pair => [p?.[0] ?? 0, p?.[1] ?? 0];

/** SVG path of closed rings. */
export function ringsPath(rings: readonly (readonly (readonly number[])[])[]): string {
  return rings.map((ring) => `${linePath(ring)} Z`).join(' ');
}

export function linePath(points: readonly (readonly number[])[]): string {
  return points.map((p, i) => `${i === 0 ? 'M' : 'L'}${(p[0] ?? 0).toFixed(1)} ${(p[1] ?? 0).toFixed(1)}`).join(' ');
}

/** The smallest view around boxes [x0, y0, x1, y1] with a margin, in the shape of the window it is shown in. */
export function viewAround(boxes: readonly (readonly number[])[], marginMm: number, aspect: number): View {
  const x0 = Math.min(...boxes.map((b) => b[0] ?? 0)) - marginMm;
  const y0 = Math.min(...boxes.map((b) => b[1] ?? 0)) - marginMm;
  const x1 = Math.max(...boxes.map((b) => b[2] ?? 0)) + marginMm;
  const y1 = Math.max(...boxes.map((b) => b[3] ?? 0)) + marginMm;
  return withAspect({ x: x0, y: y0, w: x1 - x0, h: y1 - y0 }, aspect);
}

/** Widens or heightens a view around its middle until it has that ratio of width to height. */
export function withAspect(view: View, aspect: number): View {
  const w = Math.max(view.w, view.h * aspect);
  const h = w / aspect;
  return { x: view.x - (w - view.w) / 2, y: view.y - (h - view.h) / 2, w, h };
}

const LEAST_MM = 150;
const MOST_MM = 12_000;

/** Zooms about a place that stays where it is on the screen. */
export function zoomed(view: View, factor: number, at: Pair): View {
  const w = Math.min(MOST_MM, Math.max(LEAST_MM, view.w * factor));
  const f = w / view.w;
  return { x: at[0] - (at[0] - view.x) * f, y: at[1] - (at[1] - view.y) * f, w, h: view.h * f };
}

/** Contours also run along the edges of their panel where they are cut off; those stretches are left out here. */
export function withoutEdge(
  ring: readonly (readonly number[])[],
  edge: readonly (readonly number[])[],
  toleranceMm = 9,
): Pair[] {
  return ring.map(pair).filter(([x, y]) => {
    for (let i = 0; i < edge.length; i++) {
      const [ax, ay] = pair(edge[i]);
      const [bx, by] = pair(edge[(i + 1) % edge.length]);
      const dx = bx - ax;
      const dy = by - ay;
      const t = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / Math.max(1e-9, dx * dx + dy * dy)));
      if ((x - ax - t * dx) ** 2 + (y - ay - t * dy) ** 2 < toleranceMm * toleranceMm) {
        return false;
      }
    }
    return true;
  });
}

type Rings = readonly (readonly (readonly number[])[])[];

/**
 * One place on each of several contours: as near as can be to its wished direction from the centre (degrees
 * clockwise from the right), yet `apartMm` from the places already taken, so that labels stay readable.
 */
export function placesApart(
  contours: readonly { rings: Rings; degrees: number }[],
  centre: Pair,
  apartMm: number,
  alreadyTaken: readonly Pair[] = [],
): (Pair | null)[] {
  const taken = [...alreadyTaken];
  return contours.map(({ rings, degrees }) => {
    const want = (degrees * Math.PI) / 180;
    let best: Pair | null = null;
    let least = Infinity;
    for (const p of rings.flat()) {
      const place = pair(p);
      const a = Math.atan2(place[1] - centre[1], place[0] - centre[0]) - want;
      const off = Math.abs(Math.atan2(Math.sin(a), Math.cos(a)));
      const near = Math.min(Infinity, ...taken.map((t) => Math.hypot(t[0] - place[0], t[1] - place[1])));
      // Too near costs more than any turn, and the nearer the more.
      const cost = off + (near < apartMm ? 2 * Math.PI * (2 - near / apartMm) : 0);
      if (cost < least) {
        least = cost;
        best = place;
      }
    }
    if (best !== null) {
      taken.push(best);
    }
    return best;
  });
}

export function middleOf(points: readonly (readonly number[])[]): Pair {
  const xs = points.map((p) => p[0] ?? 0);
  const ys = points.map((p) => p[1] ?? 0);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

/** A round length for the scale bar that takes up a good part of `roomMm`. */
export function scaleBar(roomMm: number, us: boolean): number {
  const steps = us ? [25.4, 76.2, 152.4, 304.8, 609.6, 1219.2] : [20, 50, 100, 200, 500, 1000];
  return steps.filter((s) => s <= roomMm).at(-1) ?? steps[0] ?? 100;
}
