import type { Simulation, Walk } from '../api/types';
import type { Pair } from '../map/geometry';
import { firstCatch, nodesOf, roomOf, standFor, type Side, type Stand } from './stand';

/** Stands where the verdict says that the most is seen, looking at the place that is caught there. */
export function worstStand(side: Side, walk: Walk, worst: Simulation['worst'], middle: Pair): Stand {
  const nodes = nodesOf(side, walk);
  const first = standFor(side, middle, worst.angle, worst.distanceM);
  const caught = firstCatch(walk, nodes, roomOf(side, first));
  return caught === null ? first : standFor(side, caught.node.sheet, worst.angle, worst.distanceM);
}
