import { t } from '@lingui/core/macro';
import type { CoatStep, FoundBlend, JobDocument, Offer, PlannedSide, RepairPart, StepMixture } from '../api/types';

/** A changed document, and the words for what changed as the history will tell it. */
export interface Change {
  document: JobDocument;
  change: string;
}

type Shape = RepairPart['shape'];
type CupWish = NonNullable<JobDocument['plan']['cups']>[string];
type Side = NonNullable<JobDocument['plan']['sides']>[number];

export const DEFAULT_SPOT_MM = 50;

const sorted = (a: string, b: string): string => [a, b].sort().join('|');

function changed(document: JobDocument, part: Partial<JobDocument>, change: string): Change {
  const next = { ...document, ...part };
  if (part.paintSystem !== undefined && part.paintSystem !== document.paintSystem) {
    // An edition counts the sheets of one system; of another the newest is taken.
    delete next.paintEdition;
  }
  return { document: next, change };
}

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
  const repair: RepairPart = {
    id: nextRepairId(document),
    panel,
    shape,
    under: { kind: isNew ? 'new-primed-part' : 'primer', greyShade: grey },
  };
  // A new part is the whole panel; what was on the old one is gone with it.
  const kept = isNew
    ? document.repairs.filter((r) => r.panel !== panel)
    : document.repairs.filter((r) => r.panel !== panel || r.shape.kind !== 'new-part');
  const word = isNew ? t`New part` : shape.kind === 'spot' ? t`Spot` : t`Outline`;
  return changed(document, { repairs: [...kept, repair] }, t`${word} on ${panelName}`);
}

export function updateRepair(document: JobDocument, id: string, part: Partial<RepairPart>, change: string): Change {
  return changed(document, { repairs: document.repairs.map((r) => (r.id === id ? { ...r, ...part } : r)) }, change);
}

export function removeRepair(document: JobDocument, id: string): Change {
  const repairs = document.repairs.filter((r) => r.id !== id);
  return changed(document, { repairs, plan: withoutRepair(document.plan, id) }, t`Took a repair away`);
}

/** Steps that named the repair alone are sprayed everywhere again. */
function withoutRepair(plan: JobDocument['plan'], id: string): JobDocument['plan'] {
  if (plan.sequence === undefined) {
    return plan;
  }
  const sequence = plan.sequence.map((s): CoatStep => {
    if (typeof s.where !== 'object' || s.where.repairs === undefined) {
      return s;
    }
    const repairs = s.where.repairs.filter((r) => r !== id);
    return { ...s, where: repairs.length === 0 ? 'all' : { repairs } };
  });
  return { ...plan, sequence };
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

/** The steps of a plan: the painter's own, or the school's as the server sent them with the plan. */
export const stepsOf = (document: JobDocument, planned: readonly CoatStep[]): readonly CoatStep[] =>
  document.plan.sequence ?? planned;

const sequenced = (document: JobDocument, sequence: readonly CoatStep[], change: string): Change =>
  planned(document, { sequence: [...sequence] }, change);

export function changeStep(
  document: JobDocument,
  steps: readonly CoatStep[],
  id: string,
  part: Partial<CoatStep>,
  change: string,
): Change {
  return sequenced(
    document,
    stepsOf(document, steps).map((s) => (s.id === id ? { ...s, ...part } : s)),
    change,
  );
}

export function moveReach(
  document: JobDocument,
  steps: readonly CoatStep[],
  coat: string,
  name: string,
  reachMm: number,
): Change {
  const reach = Math.min(1500, Math.max(0, Math.round(reachMm)));
  const extent = stepsOf(document, steps).find((s) => s.id === coat)?.extent ?? { kind: 'past' as const };
  return changeStep(document, steps, coat, { extent: { ...extent, reachMm: reach } }, t`${name} to ${reach} mm`);
}

/** Gives a reach back to the computation. */
export function resetReach(document: JobDocument, steps: readonly CoatStep[], coat: string, name: string): Change {
  const extent = { ...(stepsOf(document, steps).find((s) => s.id === coat)?.extent ?? { kind: 'past' as const }) };
  delete extent.reachMm;
  return changeStep(document, steps, coat, { extent }, t`${name} computed again`);
}

/** A free id from a stem: base-4 after base-3. */
export function freeStepId(steps: readonly CoatStep[], stem: string): string {
  const taken = new Set(steps.map((s) => s.id));
  let n = 1;
  while (taken.has(`${stem}-${n}`)) {
    n++;
  }
  return `${stem}-${n}`;
}

export function copyStep(document: JobDocument, planned: readonly CoatStep[], id: string): Change {
  const steps = stepsOf(document, planned);
  const at = steps.findIndex((s) => s.id === id);
  const step = steps[at];
  if (step === undefined) {
    return sequenced(document, steps, t`Nothing copied`);
  }
  const copy = { ...step, id: freeStepId(steps, step.kind), name: t`${step.name} again`.slice(0, 40) };
  return sequenced(document, [...steps.slice(0, at + 1), copy, ...steps.slice(at + 1)], t`${step.name} once more`);
}

export function removeStep(document: JobDocument, planned: readonly CoatStep[], id: string): Change {
  const steps = stepsOf(document, planned);
  return sequenced(
    document,
    steps.filter((s) => s.id !== id),
    t`Took ${steps.find((s) => s.id === id)?.name ?? t`a coat`} away`,
  );
}

/** One place earlier (-1) or later (1) in spraying order. */
export function shiftStep(document: JobDocument, planned: readonly CoatStep[], id: string, by: -1 | 1): Change {
  const steps = [...stepsOf(document, planned)];
  const at = steps.findIndex((s) => s.id === id);
  const to = at + by;
  const [step, other] = [steps[at], steps[to]];
  if (step === undefined || other === undefined) {
    return sequenced(document, steps, t`Nothing moved`);
  }
  [steps[at], steps[to]] = [other, step];
  return sequenced(document, steps, `${step.name} ${by < 0 ? 'earlier' : 'later'}`);
}

/** Coats painters add to a plan; where they go is computed like the others. */
export const NEW_STEPS = {
  rescue: {
    stem: 'rescue',
    name: t`Rescue coat`,
    step: {
      kind: 'effect',
      film: 0.5,
      mixture: { blendingClear: 1 },
      extent: { kind: 'past', reach: 0.6, fade: 0.4 },
      landsIn: 'flashed-bed',
      purpose: t`Evens what the card check found`,
    },
  },
  control: {
    stem: 'control',
    name: t`Control coat`,
    step: {
      kind: 'control',
      film: 0.5,
      gun: { hold: 'thin' },
      extent: { kind: 'past', reach: 0.58, fade: 0.42 },
      landsIn: 'flashed-bed',
      purpose: t`Lays flakes evenly, sets the final shade`,
    },
  },
  bed: {
    stem: 'bed',
    name: t`Fresh bed`,
    step: {
      kind: 'wet-bed',
      film: 0.6,
      extent: { kind: 'whole-panel' },
      drying: 'wet-on-wet',
      purpose: t`A wet, level landing for stray flakes`,
    },
  },
  ground: {
    stem: 'ground',
    name: t`Ground coat`,
    step: {
      kind: 'ground',
      extent: { kind: 'past', reach: 0.1, fade: 0.3 },
      landsIn: 'flashed-bed',
      purpose: t`Hides the primer below an effect that lets light through`,
    },
  },
  dust: {
    stem: 'dust',
    name: t`Dust coat`,
    step: {
      kind: 'half',
      film: 0.25,
      gun: { hold: 'thin' },
      extent: { kind: 'past', reach: 0.4, fade: 0.4 },
      landsIn: 'dry',
      purpose: t`A breath of colour`,
    },
  },
  base: {
    stem: 'base',
    name: t`Base coat`,
    step: { kind: 'base', extent: { kind: 'past', reach: 0.5, fade: 0.4 }, landsIn: 'flashed-bed', purpose: t`Cover` },
  },
  clear: {
    stem: 'clear',
    name: t`Clear`,
    step: { kind: 'clear', extent: { kind: 'whole-panel' }, purpose: t`Gloss and protection` },
  },
} as const satisfies Record<string, { stem: string; name: string; step: Omit<CoatStep, 'id' | 'name'> }>;

/** Clear goes last; anything else before the first clear, or after the coat it is added to. */
export function addStep(
  document: JobDocument,
  planned: readonly CoatStep[],
  what: keyof typeof NEW_STEPS,
  after: string | null,
): Change {
  const steps = stepsOf(document, planned);
  const { stem, name, step } = NEW_STEPS[what];
  const clear = steps.findIndex((s) => s.kind === 'clear');
  const chosen = steps.findIndex((s) => s.id === after);
  const beforeClear = clear < 0 ? steps.length : clear;
  const at = step.kind === 'clear' ? steps.length : chosen < 0 ? beforeClear : Math.min(chosen + 1, beforeClear);
  return sequenced(
    document,
    [...steps.slice(0, at), { ...step, id: freeStepId(steps, stem), name }, ...steps.slice(at)],
    t`Added: ${name}`,
  );
}

/** Steps that cure what was seen. */
export const adoptSteps = (document: JobDocument, sequence: readonly CoatStep[], change: string): Change =>
  sequenced(document, sequence, change);

export function chooseSide(document: JobDocument, side: PlannedSide, choice: string): Change {
  if (choice === 'small-gun') {
    return planned(document, { gun: 'small' }, t`Small gun at low pressure`);
  }
  const others = (document.plan.sides ?? []).filter(
    (s) => sorted(s.panel, s.neighbour) !== sorted(side.panel, side.neighbour),
  );
  const words: Record<string, string> = { join: 'joins', 'stop-at-line': t`stopped before`, butt: t`butt joint to` };
  return planned(
    document,
    { sides: [...others, { panel: side.panel, neighbour: side.neighbour, choice: choice as Side['choice'] }] },
    `${side.neighbourName}: ${words[choice] ?? choice}`,
  );
}

/** What was decided for a gap, also while the answer to it is still on its way. */
export function chosenSide(document: JobDocument, side: PlannedSide): string | undefined {
  return (document.plan.sides ?? []).find((s) => sorted(s.panel, s.neighbour) === sorted(side.panel, side.neighbour))
    ?.choice;
}

const asSchool = (plan: JobDocument['plan'], school: string): JobDocument['plan'] => {
  const kept = { ...plan, school };
  delete kept.sequence;
  delete kept.usual;
  delete kept.letDown;
  return kept;
};

/** Another school sprays other coats: what was changed of the old ones no longer means anything. */
export const setSchool = (document: JobDocument, school: string, name: string): Change =>
  changed(document, { plan: asSchool(document.plan, school) }, t`School: ${name}`);

/** The steps with as many coats of the effect layer as a let-down set said; the colour is judged at that number. */
export function adoptEffectCoats(document: JobDocument, sequence: readonly CoatStep[], coats: number): Change {
  const change = sequenced(document, sequence, t`${coats.toFixed(1)} effect coats`);
  return { ...change, document: { ...change.document, plan: { ...change.document.plan, letDown: true } } };
}

/** Where a coat reaches to by what is on screen: set by hand, also while the answer is still on its way, or computed. */
export function reachOf(document: JobDocument, coat: { id: string; reach: { value: number } | null }): number {
  return document.plan.sequence?.find((s) => s.id === coat.id)?.extent.reachMm ?? coat.reach?.value ?? 0;
}

/** A way drawn in to what it needs, with whatever else a search changed about it. */
export function adoptBlend(
  document: JobDocument,
  found: Pick<FoundBlend, 'school' | 'name' | 'usual' | 'gun' | 'sides' | 'sequence'>,
): Change {
  const { school, usual, gun, sides, sequence } = found;
  const plan = { ...asSchool(document.plan, school), usual, gun, sides };
  return changed(
    document,
    { plan: sequence === null ? plan : { ...plan, sequence } },
    t`Smallest blend: ${found.name}`.slice(0, 160),
  );
}

/** Another way that this repair suggests: its steps, and its paint for all of them. */
export function adoptOffer(
  document: JobDocument,
  offer: Pick<Offer, 'school' | 'usual' | 'edited' | 'sequence' | 'paintSystem'>,
  title: string,
): Change {
  const plan = offer.edited
    ? { ...document.plan, school: offer.school, usual: offer.usual, sequence: offer.sequence }
    : asSchool(document.plan, offer.school);
  return changed(document, { plan, paintSystem: offer.paintSystem }, title.slice(0, 160));
}

/** How coarse the clear's orange peel is to be, 1 like glass to 5. */
export const setPeel = (document: JobDocument, peel: number): Change =>
  changed(document, { car: { ...document.car, peel } }, t`Peel ${peel} of 5`);

/** Waxed, or silicone was used on it. */
export const setFinish = (document: JobDocument, finish: JobDocument['colour']['finish'], name: string): Change =>
  changed(document, { colour: { ...document.colour, finish } }, t`Planned as ${name}`);

export const setWaxed = (document: JobDocument, waxed: boolean): Change =>
  changed(document, { car: { ...document.car, waxed } }, waxed ? t`Waxed or silicone` : t`Neither wax nor silicone`);

export const setGun = (document: JobDocument, gun: 'standard' | 'small'): Change =>
  planned(document, { gun }, gun === 'small' ? t`Small gun at low pressure` : t`Standard gun`);

export const setCertainty = (document: JobDocument, certainty: NonNullable<JobDocument['plan']['certainty']>): Change =>
  planned(document, { certainty }, certainty === 'sure' ? t`Planned to be sure` : t`Planned to be likely`);

const colourKinds = new Set<CoatStep['kind']>(['base', 'half', 'effect', 'control']);

/** With a bed under the colour, or without one. */
export function setWetBed(document: JobDocument, planned: readonly CoatStep[], on: boolean): Change {
  const steps = stepsOf(document, planned).filter((s) => s.kind !== 'wet-bed');
  if (!on) {
    return sequenced(document, steps, t`Wet bed: off`);
  }
  const bed: CoatStep = {
    id: 'wet-bed',
    name: t`Wet bed`,
    kind: 'wet-bed',
    extent: { kind: 'whole-panel' },
    purpose: t`A wet, level landing for stray flakes`,
  };
  const bedded = steps.map((s): CoatStep =>
    colourKinds.has(s.kind) && (s.landsIn ?? 'dry') === 'dry' ? { ...s, landsIn: 'flashed-bed' } : s,
  );
  return sequenced(document, [bed, ...bedded], t`Wet bed: on`);
}

export function setRatio(document: JobDocument, role: string, ratio: string, standard: string): Change {
  const rest = Object.fromEntries(Object.entries(document.plan.ratios ?? {}).filter(([r]) => r !== role));
  return ratio.trim() === '' || ratio === standard
    ? planned(document, { ratios: rest }, t`Ratio as the data sheet says`)
    : planned(document, { ratios: { ...rest, [role]: ratio } }, t`Ratio ${ratio}`);
}

export const setRemainder = (document: JobDocument, remainderMl: number): Change =>
  planned(document, { remainderMl }, t`Left in gun and filter`);

export const setReducer = (document: JobDocument, reducer: string | null, words: string): Change =>
  planned(document, { reducer }, t`Reducer: ${words}`);

/** Another finish or system has other coats and mixes, so what was moved or mixed by hand for the old ones is let go. */
export function setDetails(
  document: JobDocument,
  plate: string,
  colour: JobDocument['colour'],
  paintSystem: string,
  practice = document.practice ?? false,
  head: Partial<Pick<JobDocument['car'], 'label' | 'due' | 'painter' | 'order' | 'owner' | 'paintPrice'>> = {},
): Change {
  const other = colour.finish !== document.colour.finish || paintSystem !== document.paintSystem;
  return changed(
    document,
    {
      car: { ...document.car, plate, ...head },
      colour: { ...colour, name: colour.name.trim() },
      paintSystem,
      ...(practice || document.practice === true ? { practice } : {}),
      plan: other ? { ...asSchool(document.plan, document.plan.school), ratios: {} } : document.plan,
    },
    colour.name !== document.colour.name
      ? t`Colour: ${colour.name}`
      : paintSystem !== document.paintSystem
        ? t`Another paint system`
        : t`Car, colour and paint`,
  );
}

export const setBooth = (document: JobDocument, booth: Partial<JobDocument['booth']>): Change =>
  changed(document, { booth: { ...document.booth, ...booth } }, t`Booth conditions`);

/** Another way of thinning for every coat that comes out of a cup. */
export function thin(
  document: JobDocument,
  planned: readonly CoatStep[],
  coats: readonly string[],
  part: Partial<StepMixture>,
  change: string,
): Change {
  return sequenced(
    document,
    stepsOf(document, planned).map((s) => (coats.includes(s.id) ? { ...s, mixture: { ...s.mixture, ...part } } : s)),
    change,
  );
}

/** What a painter says of one cup; null takes it back. */
export function wishOfCup(document: JobDocument, cup: string, part: CupWish, change: string): Change {
  const kept = Object.entries({ ...document.plan.cups?.[cup], ...part }).filter(([, value]) => value !== null);
  return planned(document, { cups: { ...document.plan.cups, [cup]: Object.fromEntries(kept) } }, change);
}

export const chooseClear = (document: JobDocument, clear: 'production' | 'premium', name: string): Change =>
  planned(document, { clear }, t`Clear: ${name}`);

export const chooseSystem = (document: JobDocument, paintSystem: string, name: string): Change =>
  changed(document, { paintSystem }, t`Mixed from ${name}`);

/** The newer data sheets of the same system. */
export const takeEdition = (document: JobDocument, edition: number): Change =>
  changed(document, { paintEdition: edition }, t`Data sheets: edition ${edition}`);

export const setElectric = (document: JobDocument, electric: boolean): Change =>
  changed(
    document,
    { car: { ...document.car, electric } },
    electric ? t`Hybrid or electric` : t`Neither hybrid nor electric`,
  );

/** What the car maker allows, deg C; null: nobody looked it up. */
export const setBakeLimit = (document: JobDocument, bakeLimitC: number | null): Change =>
  changed(document, { car: { ...document.car, bakeLimitC } }, t`Bake limit of the car`);
