import type { JobDocument, PlannedSide, RepairPart } from '../api/types';

/** A changed document, and the words for what changed as the history will tell it. */
export interface Change {
  document: JobDocument;
  change: string;
}

type Shape = RepairPart['shape'];
type Side = NonNullable<JobDocument['plan']['sides']>[number];

export const DEFAULT_SPOT_MM = 50;

const sorted = (a: string, b: string): string => [a, b].sort().join('|');

const changed = (document: JobDocument, part: Partial<JobDocument>, change: string): Change => ({ document: { ...document, ...part }, change });

const planned = (document: JobDocument, part: Partial<JobDocument['plan']>, change: string): Change =>
  changed(document, { plan: { ...document.plan, ...part } }, change);

/** r1, r2, ...: the first number that is free. */
export function nextRepairId(document: JobDocument): string {
  const taken = new Set(document.repairs.map((r) => r.id));
  let n = 1;
  while (taken.has(`r${n}`)) {
    n++;
  }
  return `r${n}`;
}

export function addRepair(document: JobDocument, panel: string, panelName: string, shape: Shape): Change {
  const isNew = shape.kind === 'new-part';
  const grey = document.colour.undercoatShade ?? 4;
  const repair: RepairPart = { id: nextRepairId(document), panel, shape, under: { kind: isNew ? 'new-primed-part' : 'primer', greyShade: grey } };
  // A new part is the whole panel; what was on the old one is gone with it.
  const kept = isNew ? document.repairs.filter((r) => r.panel !== panel) : document.repairs.filter((r) => r.panel !== panel || r.shape.kind !== 'new-part');
  const word = isNew ? 'New part' : shape.kind === 'spot' ? 'Spot' : 'Outline';
  return changed(document, { repairs: [...kept, repair] }, `${word} on ${panelName}`);
}

export function updateRepair(document: JobDocument, id: string, part: Partial<RepairPart>, change: string): Change {
  return changed(document, { repairs: document.repairs.map((r) => (r.id === id ? { ...r, ...part } : r)) }, change);
}

export function removeRepair(document: JobDocument, id: string): Change {
  return changed(document, { repairs: document.repairs.filter((r) => r.id !== id) }, 'Took a repair away');
}

/** The repair shifted on the sheet; a new part stays where it is. */
export function movedShape(shape: Shape, dx: number, dy: number): Shape {
  switch (shape.kind) {
    case 'spot':
      return { ...shape, xMm: Math.round((shape.xMm ?? 0) + dx), yMm: Math.round((shape.yMm ?? 0) + dy) };
    case 'outline':
      return { ...shape, points: (shape.points ?? []).map((p) => [(p[0] ?? 0) + dx, (p[1] ?? 0) + dy]) };
    case 'new-part':
      return shape;
  }
}

export function moveReach(document: JobDocument, coat: string, name: string, reachMm: number): Change {
  const reach = Math.min(1500, Math.max(0, Math.round(reachMm)));
  return planned(document, { coats: { ...document.plan.coats, [coat]: { reachMm: reach } } }, `${name} to ${reach} mm`);
}

export function resetReach(document: JobDocument, coat: string, name: string): Change {
  const coats = Object.fromEntries(Object.entries(document.plan.coats ?? {}).filter(([id]) => id !== coat));
  return planned(document, { coats }, `${name} as the school says`);
}

export function chooseSide(document: JobDocument, side: PlannedSide, choice: string): Change {
  if (choice === 'small-gun') {
    return planned(document, { gun: 'small' }, 'Small gun at low pressure');
  }
  const others = (document.plan.sides ?? []).filter((s) => sorted(s.panel, s.neighbour) !== sorted(side.panel, side.neighbour));
  const words: Record<string, string> = { join: 'joins', 'stop-at-line': 'stopped before', butt: 'butt joint to' };
  return planned(document, { sides: [...others, { panel: side.panel, neighbour: side.neighbour, choice: choice as Side['choice'] }] }, `${side.neighbourName}: ${words[choice] ?? choice}`);
}

/** What was decided for a gap, also while the answer to it is still on its way. */
export function chosenSide(document: JobDocument, side: PlannedSide): string | undefined {
  return (document.plan.sides ?? []).find((s) => sorted(s.panel, s.neighbour) === sorted(side.panel, side.neighbour))?.choice;
}

/** A different school has different coats, so contours moved by hand no longer mean anything. */
export function setSchool(document: JobDocument, school: JobDocument['plan']['school'], name: string): Change {
  return planned(document, { school, coats: {}, wetBed: 'auto' }, `School: ${name}`);
}

/** A way to spray that the shop keeps: everything of a plan but what belongs to one car. */
export function adoptShopSchool(document: JobDocument, name: string, plan: Partial<JobDocument['plan']>): Change {
  const { sides, remainderMl } = document.plan;
  const kept = { ...(sides === undefined ? {} : { sides }), ...(remainderMl === undefined ? {} : { remainderMl }) };
  return changed(document, { plan: { school: document.plan.school, ...plan, ...kept } }, `School: ${name}`);
}

/** A school with its reaches, as a search found them. */
export function adoptBlend(document: JobDocument, school: JobDocument['plan']['school'], name: string, reaches: Readonly<Record<string, number>>): Change {
  const coats = Object.fromEntries(Object.entries(reaches).map(([id, reachMm]) => [id, { reachMm }]));
  return planned(document, { school, wetBed: 'auto', coats }, `Smallest blend: ${name}`);
}

export const setGun = (document: JobDocument, gun: 'standard' | 'small'): Change =>
  planned(document, { gun, coats: {} }, gun === 'small' ? 'Small gun at low pressure' : 'Standard gun');

export const setWetBed = (document: JobDocument, wetBed: 'auto' | 'on' | 'off'): Change => planned(document, { wetBed }, `Wet bed: ${wetBed}`);

export function setRatio(document: JobDocument, role: string, ratio: string, standard: string): Change {
  const rest = Object.fromEntries(Object.entries(document.plan.ratios ?? {}).filter(([r]) => r !== role));
  return ratio.trim() === '' || ratio === standard
    ? planned(document, { ratios: rest }, 'Ratio as the data sheet says')
    : planned(document, { ratios: { ...rest, [role]: ratio } }, `Ratio ${ratio}`);
}

export const setRemainder = (document: JobDocument, remainderMl: number): Change => planned(document, { remainderMl }, 'Left in gun and filter');

/** Another finish or system has other coats and mixes, so what was moved or mixed by hand for the old ones is let go. */
export function setDetails(document: JobDocument, plate: string, colour: JobDocument['colour'], paintSystem: string): Change {
  const other = colour.finish !== document.colour.finish || paintSystem !== document.paintSystem;
  return changed(
    document,
    { car: { ...document.car, plate }, colour: { ...colour, name: colour.name.trim() }, paintSystem, plan: other ? { ...document.plan, coats: {}, ratios: {} } : document.plan },
    colour.name !== document.colour.name ? `Colour: ${colour.name}` : paintSystem !== document.paintSystem ? 'Another paint system' : 'Car, colour and paint',
  );
}

export const setBooth = (document: JobDocument, booth: Partial<JobDocument['booth']>): Change =>
  changed(document, { booth: { ...document.booth, ...booth } }, 'Booth conditions');
