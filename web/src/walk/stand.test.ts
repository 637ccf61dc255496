import { describe, expect, it } from 'vitest';
import type { BodyPanel, BodyShape, Walk } from '../api/types';
import { turnedBack, turned, turnOf } from '../map/turn';
import { aspecular, firstCatch, nodesOf, onCar, roomOf, sidesInPlay, standFor, standFrom, standText } from './stand';

const square = (id: string, kind: string, x: number, y: number, orientation: 'flat' | 'upright' = 'upright') =>
  ({
    id,
    name: id,
    kind,
    orientation,
    box: [x, y, x + 1000, y + 800],
    centre: [x + 500, y + 400],
    outline: [
      [x, y],
      [x + 1000, y],
      [x + 1000, y + 800],
      [x, y + 800],
    ],
  }) as unknown as BodyPanel;

const BODY = {
  box: [-500, -2000, 4000, 2000],
  panels: [
    square('left', 'door', 1000, 1200),
    square('right', 'door', 1000, -2000),
    square('bonnet', 'bonnet', 0, -400, 'flat'),
    square('boot', 'tailgate', 3000, -400),
  ],
} as unknown as BodyShape;

const side = (id: string) => {
  const [one] = sidesInPlay(BODY, [id]);
  if (one === undefined) throw new Error(id);
  return one;
};

describe('turning a panel as a painter sees it', () => {
  it('stands right-hand panels on their sills and bonnets with the front nearest', () => {
    const turns = BODY.panels.map((p) => turnOf(p, BODY));
    expect(turns).toEqual([0, 180, 270, 90]);
    // The sill of the right side is at the sheet's top edge; it has to come out below the window.
    const sill = turned([1500, -2000], 180);
    const window = turned([1500, -1200], 180);
    expect(sill[1]).toBeGreaterThan(window[1]);
    // The bonnet's front edge, to the left on the sheet, comes out below; the boot's rear edge too.
    expect(turned([0, 0], 270)[1]).toBeGreaterThan(turned([1000, 0], 270)[1]);
    expect(turned([4000, 0], 90)[1]).toBeGreaterThan(turned([3000, 0], 90)[1]);
  });

  it('is undone exactly', () => {
    for (const turn of [0, 90, 180, 270] as const) {
      expect(turnedBack(turned([3, 7], turn), turn)).toEqual([3, 7]);
    }
  });

  it('keeps what is in front of the viewer in front: no side comes out mirrored', () => {
    // On the right side the front of the car is to the right.
    expect(turned([0, -1500], 180)[0]).toBeGreaterThan(turned([1000, -1500], 180)[0]);
    // Before the bonnet the car's left is to the right.
    expect(turned([0, 400], 270)[0]).toBeGreaterThan(turned([0, -400], 270)[0]);
  });
});

describe('where one stands', () => {
  it('has panels of life size: a door 1000 mm wide is a metre wide', () => {
    const door = side('left');
    expect(onCar(door, [2000, 1500]).at[0] - onCar(door, [1000, 1500]).at[0]).toBeCloseTo(1);
    const tall = onCar(door, [1500, 1200]).at[1] - onCar(door, [1500, 2000]).at[1];
    // An arc of 0.8 m on 4 m is 1.3 mm longer than its chord.
    expect(tall).toBeGreaterThan(0.795);
    expect(tall).toBeLessThan(0.8);
  });

  it('sees the lamp mirrored square on at an aspecular angle of nought', () => {
    const up: [number, number, number] = [0, 0, 1];
    const surface = { at: [0, 0, 0], normal: up } as const;
    expect(aspecular(surface, [0, 0, 3], [0, 0, 2])).toBeCloseTo(0);
    // 45/0: light at 45 degrees, seen square on (CIE 15 geometry).
    expect(aspecular(surface, [0, 0, 3], [2, 0, 2])).toBeCloseTo(45);
    expect(aspecular(surface, [3, 0, 3], [2, 0, 2])).toBeCloseTo(90);
  });

  it.each([15, 25, 45, 75, 110])('stands so that the place looked at is seen at %i degrees', (angle) => {
    for (const id of ['left', 'right', 'bonnet']) {
      const on = side(id);
      const gaze = on.panels[0]?.centre as unknown as [number, number];
      const stand = standFor(on, gaze, angle, 5);
      const { gaze: surface, eye, lamp } = roomOf(on, stand);
      expect(Math.abs(aspecular(surface, eye, lamp) - angle)).toBeLessThan(1.5);
      expect(Math.hypot(eye[0] - surface.at[0], eye[1] - surface.at[1], eye[2] - surface.at[2])).toBeCloseTo(5);
    }
  });

  it('comes back from the address, and refuses anything else', () => {
    const stand = standFor(side('left'), [1500, 1600], 45, 3);
    expect(standFrom(standText(stand))).toEqual(stand);
    expect(standFrom('1,2,3')).toBeNull();
    expect(standFrom('a,b,c,d,e,f,g')).toBeNull();
    expect(standFrom('900,99,9,0,0,1500,1600')?.fromM).toBe(10);
  });
});

describe('what the eye catches first', () => {
  const walk = {
    angles: [10, 120],
    old: [
      [1, 1, 1],
      [1, 1, 1],
    ],
    judged: [15, 110],
    standing: ['', ''],
    distances: [1, 10],
    tables: [
      {
        fromMm: 0,
        stepMm: 100,
        light: [new Array<number>(9).fill(1), new Array<number>(9).fill(1)],
        index: [
          [
            [0, 2, 0],
            [0, 2, 0],
          ],
          [
            [0, 2, 0],
            [0, 2, 0],
          ],
        ],
      },
    ],
    field: [
      {
        panel: 'left',
        table: 0,
        x0: 1000,
        y0: 1200,
        step: 100,
        nx: 11,
        ny: 9,
        mm: Array.from({ length: 99 }, (_, k) => Math.hypot((k % 11) - 5, Math.floor(k / 11) - 4) * 100),
      },
    ],
  } as unknown as Walk;

  it('is on the ring, 100 mm past the primer, at its own angle and distance', () => {
    const on = side('left');
    const room = roomOf(on, standFor(on, [1500, 1600], 45, 3));
    const found = firstCatch(walk, nodesOf(on, walk), room);
    expect(found?.node.mm ?? 0).toBeGreaterThan(60);
    expect(found?.node.mm ?? 0).toBeLessThan(150);
    expect(found?.fromM ?? 0).toBeGreaterThan(2.5);
  });
});
