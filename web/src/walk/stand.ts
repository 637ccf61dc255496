import type { BodyPanel, BodyShape, Walk } from '../api/types';
import type { Pair } from '../map/geometry';
import { turnOf, turned, turnedBox, type Turn } from '../map/turn';
import { indexAt } from './lookup';

/** Right, up, towards whoever stands before the car; m. */
export type Vec = readonly [number, number, number];

/** Panels bend a little across, so that light runs over them as on a car, m. Chosen here, 3 to 6 m. */
export const BEND_M = 4;

const SILL_M = 0.2;
const FLAT_M = 0.9;
const ROOF_M = 1.42;
/** A bonnet falls towards whoever stands before it, degrees. */
const FLAT_TILT_DEG = 12;

/** One side of the car: the panels that are seen from the same place. */
export interface Side {
  key: string;
  name: string;
  turn: Turn;
  flat: boolean;
  panels: readonly BodyPanel[];
  /** after the turn, mm */
  box: readonly number[];
}

export function sidesInPlay(body: BodyShape, inPlay: readonly string[]): Side[] {
  const sides = new Map<string, BodyPanel[]>();
  const keyOf = (p: BodyPanel) => `${turnOf(p, body)} ${p.orientation} ${p.kind === 'roof' ? 'roof' : ''}`;
  for (const panel of body.panels) {
    const key = keyOf(panel);
    sides.set(key, [...(sides.get(key) ?? []), panel]);
  }
  const wanted = inPlay.map((id) => body.panels.find((p) => p.id === id)).filter((p) => p !== undefined);
  return [...new Set(wanted.map(keyOf))].map((key) => {
    const panels = sides.get(key) ?? [];
    const first = panels.find((p) => inPlay.includes(p.id)) ?? panels[0];
    const turn = first === undefined ? 0 : turnOf(first, body);
    const boxes = panels.map((p) => turnedBox(p.box, turn));
    const edge = (i: number, pick: (...v: number[]) => number) => pick(...boxes.map((b) => b[i] ?? 0));
    return {
      key,
      name: first?.name ?? '',
      turn,
      flat: first?.orientation === 'flat',
      panels,
      box: [edge(0, Math.min), edge(1, Math.min), edge(2, Math.max), edge(3, Math.max)],
    };
  });
}

export interface Surface {
  at: Vec;
  normal: Vec;
}

/** Where a place of the sheet lies in the room, and which way its paint faces. */
export function onCar(side: Side, sheet: Pair): Surface {
  const [right, down] = turned(sheet, side.turn);
  const [x0 = 0, , x1 = 0, y1 = 0] = side.box;
  const x = (right - (x0 + x1) / 2) / 1000;
  const up = (y1 - down) / 1000;
  if (side.flat) {
    // Away from the viewer instead of up, bent across.
    const bend = x / BEND_M;
    const tilt = (FLAT_TILT_DEG * Math.PI) / 180;
    const drop = BEND_M * (1 - Math.cos(bend));
    const base = side.panels[0]?.kind === 'roof' ? ROOF_M : FLAT_M;
    return {
      at: [BEND_M * Math.sin(bend), base + up * Math.sin(tilt) - drop * Math.cos(tilt), -up * Math.cos(tilt)],
      normal: [Math.sin(bend), Math.cos(bend) * Math.cos(tilt), Math.cos(bend) * Math.sin(tilt)],
    };
  }
  const middle = 0.45;
  const bend = (up - middle) / BEND_M;
  return {
    at: [x, SILL_M + middle + BEND_M * Math.sin(bend), BEND_M * (Math.cos(bend) - 1)],
    normal: [0, Math.sin(bend), Math.cos(bend)],
  };
}

/** Where somebody stands and where the lamp hangs, both as seen from the place that is looked at. */
export interface Stand {
  /** the place looked at, sheet mm */
  gaze: Pair;
  /** walked along the car, degrees from square on */
  walkDeg: number;
  fromM: number;
  /** of the eyes, m */
  eyeM: number;
  lampDeg: number;
  lampUpDeg: number;
}

export const LEAST_M = 0.5;
export const MOST_M = 10;
export const EYES_M = [0.3, 1.9] as const;
export const WALK_DEG = 75;
/** Over a bonnet a lamp may hang behind what is looked at. */
export const LAMP_DEG = 180;
export const LAMP_UP_DEG = [-10, 85] as const;
/** A tube under the roof of a hall: so far off that a door is lit about alike. Chosen here. */
const LAMP_M = 7;

const radians = (deg: number): number => (deg * Math.PI) / 180;
const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const unit = (a: Vec): Vec => {
  const n = Math.hypot(...a);
  return [a[0] / n, a[1] / n, a[2] / n];
};

export const clampStand = (s: Stand): Stand => ({
  ...s,
  walkDeg: clamp(s.walkDeg, -WALK_DEG, WALK_DEG),
  fromM: clamp(s.fromM, LEAST_M, MOST_M),
  eyeM: clamp(s.eyeM, EYES_M[0], EYES_M[1]),
  lampDeg: clamp(s.lampDeg, -LAMP_DEG, LAMP_DEG),
  lampUpDeg: clamp(s.lampUpDeg, LAMP_UP_DEG[0], LAMP_UP_DEG[1]),
});

function clamp(v: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, v));
}

/** So steep nobody looks down at a panel, degrees. */
const STEEPEST_DEG = 60;

export interface Room {
  eye: Vec;
  lamp: Vec;
  gaze: Surface;
}

/** The eye and the lamp in the room. The distance is kept; the eyes go as high as it lets them. */
export function roomOf(side: Side, stand: Stand): Room {
  const gaze = onCar(side, stand.gaze);
  const steep = Math.sin(radians(STEEPEST_DEG));
  const sine = clamp((stand.eyeM - gaze.at[1]) / stand.fromM, -steep, steep);
  const level = Math.sqrt(1 - sine * sine);
  const to = (deg: number, s: number, c: number): Vec => [Math.sin(radians(deg)) * c, s, Math.cos(radians(deg)) * c];
  const view = to(stand.walkDeg, sine, level);
  const lamp = to(stand.lampDeg, Math.sin(radians(stand.lampUpDeg)), Math.cos(radians(stand.lampUpDeg)));
  const from = (v: Vec, m: number): Vec => [gaze.at[0] + v[0] * m, gaze.at[1] + v[1] * m, gaze.at[2] + v[2] * m];
  return { gaze, eye: from(view, stand.fromM), lamp: from(lamp, LAMP_M) };
}

/** Degrees between where the lamp's reflection goes and where the eye is: the aspecular angle. */
export function aspecular({ at, normal }: Surface, eye: Vec, lamp: Vec): number {
  const l = unit(minus(lamp, at));
  const v = unit(minus(eye, at));
  const n = dot(normal, l);
  const mirrored: Vec = [2 * n * normal[0] - l[0], 2 * n * normal[1] - l[1], 2 * n * normal[2] - l[2]];
  return (Math.acos(clamp(dot(mirrored, v), -1, 1)) * 180) / Math.PI;
}

/**
 * Stands so that the place looked at is seen at an angle and from a distance: the lamp about 45 degrees to one side, as
 * in an instrument, the viewer walked along. What is asked for comes out exactly, by the lamp's place.
 */
export function standFor(side: Side, gaze: Pair, angle: number, fromM: number, eyeM = 1.5): Stand {
  const start = clampStand({ gaze, walkDeg: angle - 45, fromM, eyeM, lampDeg: 45, lampUpDeg: 20 });
  let best = start;
  let least = Infinity;
  const tryAll = (fromDeg: number, toDeg: number, fromUp: number, toUp: number, step: number) => {
    for (let up = fromUp; up <= toUp; up += step) {
      for (let deg = fromDeg; deg <= toDeg; deg += step) {
        const tried = { ...start, lampDeg: deg, lampUpDeg: up };
        const { gaze: surface, eye, lamp } = roomOf(side, tried);
        const off = Math.abs(aspecular(surface, eye, lamp) - angle);
        // The angle first, then a lamp that hangs where one would hang it.
        const cost = off * 20 + Math.abs(up - 30) * 0.2 + Math.abs(deg - 45) * 0.1;
        if (cost < least && dot(surface.normal, unit(minus(lamp, surface.at))) > 0.1) {
          [best, least] = [tried, cost];
        }
      }
    }
  };
  tryAll(-LAMP_DEG, LAMP_DEG, ...LAMP_UP_DEG, 5);
  const { lampDeg, lampUpDeg } = best;
  tryAll(lampDeg - 5, lampDeg + 5, lampUpDeg - 5, lampUpDeg + 5, 0.5);
  best = clampStand(best);
  return best;
}

/** A place of a panel that takes part: looked at when the eye's way over the car is followed. */
export interface Node {
  panel: string;
  table: number;
  sheet: Pair;
  mm: number | null;
  surface: Surface;
}

const EVERY = 2;

/** Places of the panels in play, inside their outlines. */
export function nodesOf(side: Side, walk: Walk): Node[] {
  const nodes: Node[] = [];
  for (const field of walk.field) {
    const outline = side.panels.find((p) => p.id === field.panel)?.outline;
    if (outline === undefined) {
      continue;
    }
    for (let row = 0; row < field.ny; row += EVERY) {
      for (let col = 0; col < field.nx; col += EVERY) {
        const sheet: Pair = [field.x0 + col * field.step, field.y0 + row * field.step];
        if (isInside(sheet, outline)) {
          const mm = field.mm[row * field.nx + col] ?? null;
          nodes.push({ panel: field.panel, table: field.table, sheet, mm, surface: onCar(side, sheet) });
        }
      }
    }
  }
  return nodes;
}

export interface Catch {
  node: Node;
  index: number;
  angle: number;
  fromM: number;
}

/** The place the eye catches first: where the most is seen, each place at its own angle and distance. */
export function firstCatch(walk: Walk, nodes: readonly Node[], { eye, lamp }: Room): Catch | null {
  let best: Catch | null = null;
  for (const node of nodes) {
    const to = minus(eye, node.surface.at);
    if (dot(to, node.surface.normal) <= 0) {
      continue;
    }
    const angle = aspecular(node.surface, eye, lamp);
    const fromM = Math.hypot(...to);
    const index = indexAt(walk, node.table, node.mm, angle, fromM);
    if (best === null || index > best.index) {
      best = { node, index, angle, fromM };
    }
  }
  return best;
}

export function isInside([x, y]: Pair, outline: readonly (readonly number[])[]): boolean {
  let inside = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [xi = 0, yi = 0] = outline[i] ?? [];
    const [xj = 0, yj = 0] = outline[j] ?? [];
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) {
      inside = !inside;
    }
  }
  return inside;
}

/** "deg,m,m,deg,deg,x,y" in the address; null for anything else. */
export function standFrom(text: string | null): Stand | null {
  const n = (text ?? '').split(',').map(Number);
  const [walkDeg, fromM, eyeM, lampDeg, lampUpDeg, x, y] = n;
  if (
    n.length !== 7 ||
    !n.every(Number.isFinite) ||
    walkDeg === undefined ||
    fromM === undefined ||
    eyeM === undefined ||
    lampDeg === undefined ||
    lampUpDeg === undefined ||
    x === undefined ||
    y === undefined
  ) {
    return null;
  }
  return clampStand({ gaze: [x, y], walkDeg, fromM, eyeM, lampDeg, lampUpDeg });
}

export const standText = (s: Stand): string =>
  [s.walkDeg, s.fromM, s.eyeM, s.lampDeg, s.lampUpDeg, ...s.gaze].map((v) => Math.round(v * 100) / 100).join(',');
