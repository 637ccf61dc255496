import { describe, expect, it } from 'vitest';
import type { CoatStep, JobDocument, PlannedSide } from '../api/types';
import {
  addRepair,
  adoptEffectCoats,
  adoptOffer,
  takeEdition,
  addStep,
  adoptBlend,
  changeStep,
  chooseSide,
  chosenSide,
  copyStep,
  movedShape,
  moveReach,
  reachOf,
  nextRepairId,
  removeRepair,
  removeStep,
  resetReach,
  setDetails,
  setRatio,
  setSchool,
  setWetBed,
  shiftStep,
  updateRepair,
} from './document';

const job: JobDocument = {
  car: { label: 'Quill 3', bodyShape: 'quill-3' },
  colour: { name: 'Lichen Green', finish: 'solid-dark', undercoatShade: 5 },
  paintSystem: 'northlight-s',
  booth: { temperatureC: 22, humidityPercent: 50 },
  repairs: [
    {
      id: 'r1',
      panel: 'roof',
      shape: { kind: 'spot', xMm: 10, yMm: 20, radiusMm: 50 },
      under: { kind: 'primer', greyShade: 3 },
    },
  ],
  plan: { school: 'inside-out-wet-bed' },
};
const steps: CoatStep[] = [
  { id: 'base-1', name: 'Base 1', kind: 'base', extent: { kind: 'past', reach: 0.2, fade: 0.4 } },
  {
    id: 'base-2',
    name: 'Base 2',
    kind: 'base',
    extent: { kind: 'past', reach: 0.5, fade: 0.4 },
    where: { repairs: ['r1'] },
  },
  { id: 'clear-1', name: 'Clear 1', kind: 'clear', extent: { kind: 'whole-panel' } },
];
const ids = (document: JobDocument): string[] => (document.plan.sequence ?? []).map((s) => s.id);
const side = { panel: 'roof', neighbour: 'bonnet', neighbourName: 'Bonnet' } as PlannedSide;

describe('changing a job document', () => {
  it('never touches the document it was given', () => {
    const before = structuredClone(job);
    addRepair(job, 'bonnet', 'Bonnet', { kind: 'new-part' });
    updateRepair(job, 'r1', { panel: 'bonnet' }, '');
    removeRepair(job, 'r1');
    moveReach(job, steps, 'base-1', 'Base 1', 90);
    resetReach(job, steps, 'base-1', 'Base 1');
    addStep(job, steps, 'rescue', null);
    setWetBed(job, steps, true);
    chooseSide(job, side, 'butt');
    setRatio(job, 'clear', '2:1', '2:1:0.1');
    setSchool(job, 'outside-in', 'Outside-in');
    expect(job).toEqual(before);
  });

  it('gives a new repair the first free id and the grey the colour wants', () => {
    const { document, change } = addRepair(job, 'roof', 'Roof', { kind: 'spot', xMm: 1, yMm: 2, radiusMm: 50 });
    expect(document.repairs.map((r) => r.id)).toEqual(['r1', 'r2']);
    expect(document.repairs[1]?.under).toEqual({ kind: 'primer', greyShade: 5 });
    expect(change).toBe('Spot on Roof');
    expect(nextRepairId(removeRepair(document, 'r1').document)).toBe('r1');
  });

  it('lets a new part replace what was on the panel, and a spot replace the new part', () => {
    const part = addRepair(job, 'roof', 'Roof', { kind: 'new-part' }).document;
    expect(part.repairs).toHaveLength(1);
    expect(part.repairs[0]?.under.kind).toBe('new-primed-part');
    expect(
      addRepair(part, 'roof', 'Roof', { kind: 'spot', xMm: 1, yMm: 2, radiusMm: 50 }).document.repairs.map(
        (r) => r.shape.kind,
      ),
    ).toEqual(['spot']);
  });

  it('writes the steps down once one of them is changed, and keeps reaches whole and within what can be sprayed', () => {
    const reach = (mm: number) =>
      moveReach(job, steps, 'base-2', 'Base 2', mm).document.plan.sequence?.map((s) => s.extent.reachMm);
    expect(reach(123.4)).toEqual([undefined, 123, undefined]);
    expect([reach(-9)?.[1], reach(9e9)?.[1]]).toEqual([0, 1500]);
    const pinned = moveReach(job, steps, 'base-2', 'Base 2', 90).document;
    expect(resetReach(pinned, steps, 'base-2', 'Base 2').document.plan.sequence?.[1]?.extent).toEqual({
      kind: 'past',
      reach: 0.5,
      fade: 0.4,
    });
    // Later changes build on the painter's own steps, not on the school's.
    expect(changeStep(pinned, steps, 'base-1', { film: 0.5 }, '').document.plan.sequence?.[1]?.extent.reachMm).toBe(90);
  });

  it('adds, copies, moves and takes away coats, clear last and names kept apart', () => {
    expect(ids(addStep(job, steps, 'rescue', null).document)).toEqual(['base-1', 'base-2', 'rescue-1', 'clear-1']);
    expect(ids(addStep(job, steps, 'bed', 'base-1').document)).toEqual(['base-1', 'bed-1', 'base-2', 'clear-1']);
    expect(ids(addStep(job, steps, 'control', 'clear-1').document)).toEqual([
      'base-1',
      'base-2',
      'control-1',
      'clear-1',
    ]);
    expect(ids(addStep(job, steps, 'clear', 'base-1').document)).toEqual(['base-1', 'base-2', 'clear-1', 'clear-2']);
    expect(ids(copyStep(job, steps, 'base-2').document)).toEqual(['base-1', 'base-2', 'base-3', 'clear-1']);
    expect(ids(shiftStep(job, steps, 'base-2', -1).document)).toEqual(['base-2', 'base-1', 'clear-1']);
    expect(ids(shiftStep(job, steps, 'base-1', -1).document)).toEqual(['base-1', 'base-2', 'clear-1']);
    expect(ids(removeStep(job, steps, 'base-1').document)).toEqual(['base-2', 'clear-1']);
  });

  it('lays a bed under all colour, and takes it away again', () => {
    const bedded = setWetBed(job, steps, true).document;
    expect(bedded.plan.sequence?.map((s) => [s.kind, s.landsIn])).toEqual([
      ['wet-bed', undefined],
      ['base', 'flashed-bed'],
      ['base', 'flashed-bed'],
      ['clear', undefined],
    ]);
    expect(ids(setWetBed(bedded, steps, false).document)).toEqual(['base-1', 'base-2', 'clear-1']);
  });

  it('sprays a step everywhere again when the repair it was for is gone', () => {
    const own = changeStep(job, steps, 'base-1', { name: 'First' }, '').document;
    expect(removeRepair(own, 'r1').document.plan.sequence?.map((s) => s.where)).toEqual([undefined, 'all', undefined]);
  });

  it('lets go of changed steps with another school, and keeps what belongs to the car', () => {
    const own = chooseSide(moveReach(job, steps, 'base-1', 'Base 1', 90).document, side, 'butt').document;
    expect(setSchool(own, 'outside-in', '').document.plan).toEqual({ school: 'outside-in', sides: own.plan.sides });
    const found = { school: 'outside-in', name: '', usual: 0.2, gun: 'small' as const, sides: [], sequence: null };
    const adopted = adoptBlend(own, found).document.plan;
    expect(adopted).toEqual({ school: 'outside-in', sides: [], usual: 0.2, gun: 'small' });
    expect(adoptBlend(own, { ...found, sequence: steps }).document.plan.sequence).toEqual(steps);
  });

  it('takes another way over: its steps or its school, and its paint for the whole job', () => {
    const own = moveReach(job, steps, 'base-1', 'Base 1', 90).document;
    const offer = { school: 'outside-in', usual: 1, sequence: [...steps].reverse(), paintSystem: 'northlight-w' };
    const edited = adoptOffer(own, { ...offer, edited: true }, 'Isolate').document;
    expect(edited.plan.sequence).toEqual(offer.sequence);
    expect(edited.paintSystem).toBe('northlight-w');
    const pinned = { ...job, paintEdition: 2 };
    expect(adoptOffer(pinned, { ...offer, edited: true }, 'x').document).not.toHaveProperty('paintEdition');
    expect(takeEdition(pinned, 3).document.paintEdition).toBe(3);
    expect(
      adoptOffer(pinned, { ...offer, edited: true, paintSystem: pinned.paintSystem }, 'x').document.paintEdition,
    ).toBe(2);
    const school = adoptOffer(own, { ...offer, edited: false }, 'Quick').document;
    expect(school.plan.school).toBe('outside-in');
    expect(school.plan.sequence).toBeUndefined();
    expect(school.repairs).toBe(own.repairs);
  });

  it('judges the colour at the effect coats it took over, until another school is taken', () => {
    const taken = adoptEffectCoats(job, steps, 2.3).document;
    expect(taken.plan.letDown).toBe(true);
    expect(taken.plan.sequence).toEqual(steps);
    expect(setSchool(taken, 'outside-in', '').document.plan.letDown).toBeUndefined();
  });

  it('counts from what is on screen, also while the answer to the last press is on its way', () => {
    const coat = { id: 'base-1', reach: { value: 50 } };
    let now = job;
    for (let press = 0; press < 8; press++) {
      now = moveReach(now, steps, 'base-1', 'Base 1', reachOf(now, coat) + 10).document;
    }
    expect(reachOf(now, coat)).toBe(130);
    expect(reachOf(job, coat)).toBe(50);
  });

  it('keeps one decision for each gap, whichever way round it is named', () => {
    const once = chooseSide(job, side, 'butt').document;
    const twice = chooseSide(once, { ...side, panel: 'bonnet', neighbour: 'roof' }, 'join').document;
    expect([chosenSide(twice, side), chosenSide(job, side)]).toEqual(['join', undefined]);
    expect(twice.plan.sides).toEqual([{ panel: 'bonnet', neighbour: 'roof', choice: 'join' }]);
    expect(chooseSide(job, side, 'small-gun').document.plan.gun).toBe('small');
  });

  it('goes back to the data sheet when the ratio is the standard one or empty', () => {
    const thin = setRatio(job, 'base-solid', '1:1', '1:0.5').document;
    expect(thin.plan.ratios).toEqual({ 'base-solid': '1:1' });
    expect(setRatio(thin, 'base-solid', '1:0.5', '1:0.5').document.plan.ratios).toEqual({});
    expect(setRatio(thin, 'base-solid', ' ', '1:0.5').document.plan.ratios).toEqual({});
  });

  it('lets go of what was moved by hand when finish or system change, and only then', () => {
    const own = moveReach(job, steps, 'base-1', 'Base 1', 90).document;
    const pearl = setDetails(own, 'MB 1', { name: ' Oat Pearl ', finish: 'pearl' }, 'northlight-s').document;
    expect([pearl.colour.name, pearl.car.plate, pearl.plan.sequence]).toEqual(['Oat Pearl', 'MB 1', undefined]);
    expect(setDetails(own, 'MB 2', job.colour, job.paintSystem).document.plan).toEqual(own.plan);
  });

  it('moves spots and outlines, not new parts', () => {
    expect(movedShape({ kind: 'spot', xMm: 1, yMm: 2, radiusMm: 9 }, 10, -10)).toEqual({
      kind: 'spot',
      xMm: 11,
      yMm: -8,
      radiusMm: 9,
    });
    expect(
      movedShape(
        {
          kind: 'outline',
          points: [
            [0, 0],
            [5, 5],
          ],
        },
        1,
        2,
      ).points,
    ).toEqual([
      [1, 2],
      [6, 7],
    ]);
    expect(movedShape({ kind: 'new-part' }, 1, 2)).toEqual({ kind: 'new-part' });
  });
});
