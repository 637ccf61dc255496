import type { Walk } from '../api/types';
import { exaggerated, exposureFor, lightAt, oldLight, screenByte } from './lookup';

export type Field = Walk['field'][number];

/** From where a flat picture or a section is looked at. */
export interface Look {
  angle: number;
  distance: number;
  times: 1 | 4;
}

/** Pixels of one panel in the colours of one angle, dimmed for that angle: the eye is used to what it looks at. */
export function paint(walk: Walk, field: Field, angle: number, times: number): Uint8ClampedArray<ArrayBuffer> {
  const old = oldLight(walk, angle);
  const exposure = exposureFor(old);
  const known = new Map<number | null, readonly [number, number, number]>();
  const pixels = new Uint8ClampedArray(field.nx * field.ny * 4);
  field.mm.forEach((mm, k) => {
    let bytes = known.get(mm);
    if (bytes === undefined) {
      const [r, g, b] = exaggerated(lightAt(walk, field.table, mm, angle), old, times);
      bytes = [screenByte(r * exposure), screenByte(g * exposure), screenByte(b * exposure)];
      known.set(mm, bytes);
    }
    pixels.set([...bytes, 255], k * 4);
  });
  return pixels;
}
