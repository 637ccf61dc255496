import type { Walk } from '../api/types';

export type Light = readonly [number, number, number];

type Table = Walk['tables'][number];

/** Where a value lies between ascending ones: the lower of two neighbours and the share of the upper. */
export function between(sorted: readonly number[], value: number): { at: number; share: number } {
  const last = sorted.length - 1;
  if (value <= (sorted[0] ?? 0) || last === 0) {
    return { at: 0, share: 0 };
  }
  for (let i = 1; i <= last; i++) {
    const to = sorted[i] ?? 0;
    if (value <= to) {
      const from = sorted[i - 1] ?? 0;
      return { at: i - 1, share: (value - from) / (to - from) };
    }
  }
  return { at: last, share: 0 };
}

const mix = (a: number, b: number, share: number): number => a + (b - a) * share;

/** How many places a table has along its blend. */
export const placesOf = (table: Table): number => (table.light[0]?.length ?? 0) / 3;

function place(table: Table, mm: number): { at: number; share: number; next: number } {
  const last = placesOf(table) - 1;
  const x = Math.min(last, Math.max(0, (mm - table.fromMm) / table.stepMm));
  const at = Math.floor(x);
  return { at, share: x - at, next: Math.min(last, at + 1) };
}

/** The finish on the car towards an aspecular angle, linear light. */
export function oldLight(walk: Walk, angle: number): Light {
  const { at, share } = between(walk.angles, angle);
  const channel = (c: number) => mix(walk.old[at]?.[c] ?? 0, walk.old[at + 1]?.[c] ?? walk.old[at]?.[c] ?? 0, share);
  return [channel(0), channel(1), channel(2)];
}

/** The light of a place so far from the primer towards an angle; null is where no colour is sprayed. */
export function lightAt(walk: Walk, table: number, mm: number | null, angle: number): Light {
  const from = walk.tables[table];
  if (mm === null || from === undefined) {
    return oldLight(walk, angle);
  }
  const a = between(walk.angles, angle);
  const p = place(from, mm);
  const channel = (c: number) => {
    const row = (i: number) => {
      const light = from.light[Math.min(i, from.light.length - 1)] ?? [];
      return mix(light[p.at * 3 + c] ?? 0, light[p.next * 3 + c] ?? 0, p.share);
    };
    return mix(row(a.at), row(a.at + 1), a.share);
  };
  return [channel(0), channel(1), channel(2)];
}

const logs = new WeakMap<Walk, readonly number[]>();

/** Asked for at thousands of places of each picture. */
function logsOf(walk: Walk): readonly number[] {
  const known = logs.get(walk) ?? walk.distances.map(Math.log);
  logs.set(walk, known);
  return known;
}

/** What is seen of a place from there: distances count by their ratio, as the eye's answer does. */
export function indexAt(walk: Walk, table: number, mm: number | null, angle: number, distanceM: number): number {
  const from = walk.tables[table];
  if (mm === null || from === undefined) {
    return 0;
  }
  const a = between(walk.judged, angle);
  const d = between(logsOf(walk), Math.log(Math.max(0.01, distanceM)));
  const p = place(from, mm);
  const value = (i: number, j: number) => {
    const rows = from.index[Math.min(i, from.index.length - 1)] ?? [];
    const row = rows[Math.min(j, rows.length - 1)] ?? [];
    return mix(row[p.at] ?? 0, row[p.next] ?? 0, p.share);
  };
  return mix(
    mix(value(a.at, d.at), value(a.at, d.at + 1), d.share),
    mix(value(a.at + 1, d.at), value(a.at + 1, d.at + 1), d.share),
    a.share,
  );
}

/** The difference from the finish on the car drawn larger; in cube roots, where equal steps look about alike. */
export function exaggerated(light: Light, old: Light, times: number): Light {
  const one = (c: 0 | 1 | 2) => Math.max(0, mix(Math.cbrt(old[c]), Math.cbrt(Math.max(0, light[c])), times)) ** 3;
  return times === 1 ? light : [one(0), one(1), one(2)];
}

/** The eye settles on what it looks at: what is brighter than this on a screen is dimmed, what is dark stays dark. */
const BRIGHTEST = 0.72;

export const exposureFor = (gaze: Light): number =>
  Math.min(1, BRIGHTEST / Math.max(1e-6, 0.2126 * gaze[0] + 0.7152 * gaze[1] + 0.0722 * gaze[2]));

/** 0 to 255 as IEC 61966-2-1 has it. */
export function screenByte(linear: number): number {
  const c = Math.min(1, Math.max(0, linear));
  return Math.round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055));
}
