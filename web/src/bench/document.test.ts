import { describe, expect, it } from 'vitest';
import type { JobDocument, PlannedSide } from '../api/types';
import { addRepair, chooseSide, chosenSide, movedShape, moveReach, nextRepairId, removeRepair, resetReach, setDetails, setRatio, setSchool, updateRepair } from './document';

const job: JobDocument = {
  car: { label: 'Quill 3', bodyShape: 'quill-3' },
  colour: { name: 'Lichen Green', finish: 'solid-dark', undercoatShade: 5 },
  paintSystem: 'northlight-s',
  booth: { temperatureC: 22, humidityPercent: 50 },
  repairs: [{ id: 'r1', panel: 'roof', shape: { kind: 'spot', xMm: 10, yMm: 20, radiusMm: 50 }, under: { kind: 'primer', greyShade: 3 } }],
  plan: { school: 'inside-out-wet-bed', coats: { 'base-1': { reachMm: 40 } } },
};
const side = { panel: 'roof', neighbour: 'bonnet', neighbourName: 'Bonnet' } as PlannedSide;

describe('changing a job document', () => {
  it('never touches the document it was given', () => {
    const before = structuredClone(job);
    addRepair(job, 'bonnet', 'Bonnet', { kind: 'new-part' });
    updateRepair(job, 'r1', { panel: 'bonnet' }, '');
    removeRepair(job, 'r1');
    moveReach(job, 'base-1', 'Base 1', 90);
    resetReach(job, 'base-1', 'Base 1');
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
    expect(addRepair(part, 'roof', 'Roof', { kind: 'spot', xMm: 1, yMm: 2, radiusMm: 50 }).document.repairs.map((r) => r.shape.kind)).toEqual(['spot']);
  });

  it('keeps reaches whole and within what can be sprayed', () => {
    expect(moveReach(job, 'base-2', 'Base 2', 123.4).document.plan.coats).toEqual({ 'base-1': { reachMm: 40 }, 'base-2': { reachMm: 123 } });
    expect(moveReach(job, 'base-2', 'Base 2', -9).document.plan.coats?.['base-2']?.reachMm).toBe(0);
    expect(moveReach(job, 'base-2', 'Base 2', 9e9).document.plan.coats?.['base-2']?.reachMm).toBe(1500);
    expect(resetReach(job, 'base-1', 'Base 1').document.plan.coats).toEqual({});
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
    const pearl = setDetails(job, 'MB 1', { name: ' Oat Pearl ', finish: 'pearl' }, 'northlight-s').document;
    expect([pearl.colour.name, pearl.car.plate, pearl.plan.coats]).toEqual(['Oat Pearl', 'MB 1', {}]);
    expect(setDetails(job, 'MB 2', job.colour, job.paintSystem).document.plan).toEqual(job.plan);
  });

  it('moves spots and outlines, not new parts', () => {
    expect(movedShape({ kind: 'spot', xMm: 1, yMm: 2, radiusMm: 9 }, 10, -10)).toEqual({ kind: 'spot', xMm: 11, yMm: -8, radiusMm: 9 });
    expect(movedShape({ kind: 'outline', points: [[0, 0], [5, 5]] }, 1, 2).points).toEqual([[1, 2], [6, 7]]);
    expect(movedShape({ kind: 'new-part' }, 1, 2)).toEqual({ kind: 'new-part' });
  });
});
