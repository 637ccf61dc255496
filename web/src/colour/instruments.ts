import type { ColourDesk, ColourSample } from '../api/types';

type Instrument = ColourDesk['instruments'][number];

/** The instrument to offer first: what this sample was read with, what the car was, or the shop's first. */
export function firstInstrument(desk: ColourDesk, sample?: ColourSample): Instrument | undefined {
  const car = desk.samples.find((s) => s.kind === 'car' && !s.struck);
  const used = [...(sample?.reading?.instruments ?? []), ...(car?.reading?.instruments ?? [])];
  for (const name of used) {
    const known = desk.instruments.find((i) => i.name === name);
    if (known !== undefined) {
      return known;
    }
  }
  return desk.instruments[0];
}
