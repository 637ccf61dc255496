import type { BodyPanel, BodyShape } from '../api/types';
import type { Pair } from './geometry';

/**
 * How far the sheet is turned clockwise so that a panel stands as a painter sees it, sill below and the near edge of a
 * bonnet below: only a way of looking, the document stays in sheet coordinates.
 */
export type Turn = 0 | 90 | 180 | 270;

/** The sheet has the front to the left, the left side below and the right side above (docs/formats/body-shape.md). */
export function turnOf(panel: BodyPanel, body: BodyShape): Turn {
  const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = body.box;
  const [cx = 0, cy = 0] = panel.centre;
  const spansTheCar = panel.kind === 'bonnet' || panel.kind === 'bumper' || panel.kind === 'tailgate';
  if (spansTheCar) {
    return cx < (x0 + x1) / 2 ? 270 : 90;
  }
  return panel.kind !== 'roof' && cy < (y0 + y1) / 2 ? 180 : 0;
}

/** A place of the sheet as it lies after the turn. */
export function turned([x, y]: Pair, turn: Turn): Pair {
  switch (turn) {
    case 0:
      return [x, y];
    case 90:
      return [-y, x];
    case 180:
      return [-x, -y];
    case 270:
      return [y, -x];
  }
}

export const turnedBack = (p: Pair, turn: Turn): Pair => turned(p, ((360 - turn) % 360) as Turn);

/** A box [x0, y0, x1, y1] after the turn. */
export function turnedBox(box: readonly number[], turn: Turn): readonly number[] {
  const [ax, ay] = turned([box[0] ?? 0, box[1] ?? 0], turn);
  const [bx, by] = turned([box[2] ?? 0, box[3] ?? 0], turn);
  return [Math.min(ax, bx), Math.min(ay, by), Math.max(ax, bx), Math.max(ay, by)];
}
