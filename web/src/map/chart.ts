import type { JobPlan, PlannedCoat } from '../api/types';

/** Millimetres past the primer on the chart. */
export interface ChartScale {
  most: number;
  perMm: number;
  left: number;
  x: (mm: number) => number;
}

/** Room for every coat, the need, the gap and the rule of thumb, and a little more. */
export function chartScale(plan: JobPlan, left: number, right: number): ChartScale {
  const { figure, room, usual, fades } = plan.need;
  const far = Math.max(120, ...plan.coats.map((c) => c.limitMm ?? 0), figure?.value ?? 0, fades ? usual.value : 0);
  const most = 1.08 * (room !== null && room.value < 1.6 * far ? Math.max(far, room.value) : far);
  const perMm = (right - left) / most;
  return { most, perMm, left, x: (mm) => left + Math.min(most, Math.max(0, mm)) * perMm };
}

const INCH_MM = 25.4;

/** Every 20, 50, 100 or 200 mm, or so many inches: six to ten lines. */
export function ticks(scale: ChartScale, inches: boolean): number[] {
  const unit = inches ? INCH_MM : 1;
  const steps = inches ? [1, 2, 4, 6, 12] : [20, 50, 100, 200, 500];
  const step = unit * (steps.find((s) => scale.most / (s * unit) <= 10) ?? steps[steps.length - 1] ?? 1);
  const out: number[] = [];
  for (let mm = 0; mm <= scale.most; mm += step) {
    out.push(mm);
  }
  return out;
}

const PIECES = 16;

/** Full height up to the reach, then the wrist's raised cosine down to nothing. */
export function fadePath(coat: PlannedCoat, scale: ChartScale, floor: number, height: number): string {
  const reach = coat.reach?.value ?? 0;
  const from = coat.innerMm ?? 0;
  const points: string[] = [
    `M${scale.x(from).toFixed(1)} ${floor.toFixed(1)}`,
    `L${scale.x(from).toFixed(1)} ${(floor - height).toFixed(1)}`,
  ];
  for (let i = 0; i <= PIECES; i++) {
    const share = i / PIECES;
    const strength = 0.5 * (1 + Math.cos(Math.PI * share));
    points.push(`L${scale.x(reach + share * coat.fadeMm).toFixed(1)} ${(floor - strength * height).toFixed(1)}`);
  }
  return `${points.join('')}Z`;
}
