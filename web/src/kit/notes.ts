import { t } from '@lingui/core/macro';
import type { Reason } from '../api/types';

/** Why a figure that comes without reasons of its own is what it is: one place, asked for by name. */
interface Note {
  title: string;
  says: string;
  source: Reason['source'];
  citation: string;
}

const SEEN = t`Model notes, sections 9 and 11.`;

export const NOTES = {
  seen: {
    title: t`How much is seen`,
    says:
      t`The plan is sprayed in the model, and what it leaves is put before the eye: 1 is just noticed by half of those ` +
      t`who look. Below a half nobody finds it, above 2 everybody does.`,
    source: 'published',
    citation: t`Contrast sensitivity after Barten (1999); ${SEEN}`,
  },
  tonerFit: {
    title: t`How well a card is met`,
    says:
      t`The card as two-constant theory mixes it from what all cards together say of the toner, against the card as it was ` +
      t`read. Far off: its grams were weighed or its readings labelled wrongly.`,
    source: 'published',
    citation: t`Kubelka and Munk (1931), Kubelka (1948), Saunderson (1942); model notes, section 7.`,
  },
  colour: {
    title: t`Colour`,
    says: t`What is seen of the difference between card and car where the blend fades it out, each coat laid well.`,
    source: 'published',
    citation: SEEN,
  },
  fringe: {
    title: t`Fringe`,
    says: t`What is seen of flakes that land on a dry surface at the edge of a coat and stand up: a ring.`,
    source: 'estimate',
    citation: t`Model notes, sections 8 and 9.`,
  },
  hiding: {
    title: t`Hiding`,
    says: t`What is seen of the primer through the film that lies over it.`,
    source: 'published',
    citation: t`Film over a ground after Kubelka (1948); model notes, section 10.`,
  },
  mottle: {
    title: t`Mottle`,
    says: t`What is seen of flakes that swim together where the last coats lie too wet.`,
    source: 'estimate',
    citation: t`Model notes, section 8.`,
  },
  coats: {
    title: t`Coats`,
    says: t`Where the layer that lets light through ends over its ground or past it, with a card that matches.`,
    source: 'estimate',
    citation: t`Model notes, section 15.`,
  },
  stripes: {
    title: t`Stripes`,
    says: t`What is seen of one stroke beside the next: the more they overlap, the less.`,
    source: 'estimate',
    citation: t`Model notes, section 8.`,
  },
  hides: {
    title: t`Coats that hide`,
    says: t`Full coats of this mixture until nothing of the primer below is noticed any more.`,
    source: 'published',
    citation: t`Film over a ground after Kubelka (1948); model notes, section 10.`,
  },
  difference: {
    title: t`Difference`,
    says:
      t`How far card and car are apart at this angle, in steps of about what can just be told apart side by side. ` +
      t`It is the difference CIEDE2000.`,
    source: 'published',
    citation: 'ISO/CIE 11664-6:2022.',
  },
  flop: {
    title: t`From face to flop`,
    says: t`How much more the card falls off from face to flop than the car, as a flop index: nought is alike.`,
    source: 'published',
    citation: t`Index of lightness flop from 15, 45 and 110 degrees, ASTM E2194; model notes, section 6.`,
  },
  lamp: {
    title: t`In warm lamp light`,
    says: t`The same difference once more in the light of a filament lamp, where pairs can part that match by day.`,
    source: 'published',
    citation: t`CIE standard illuminant A, ISO/CIE 11664-2.`,
  },
  panels: {
    title: t`Panels`,
    says: t`Panels that get colour or clear. Each one more is masked, sprayed and polished.`,
    source: 'geometry',
    citation: t`Measured on the body shape.`,
  },
  paint: {
    title: t`Paint`,
    says: t`What all cups of this way hold together, with what stays in gun and filter.`,
    source: 'practice',
    citation: t`Wet film of each coat over the area it covers; model notes, section 4.`,
  },
  minutes: {
    title: t`In the booth`,
    says: t`Spraying and waiting from the first bed to the last colour coat, at the booth’s temperature and humidity.`,
    source: 'estimate',
    citation: t`Model notes, section 8.`,
  },
  wait: {
    title: t`Wait`,
    says:
      t`What is volatile in the film over the rate at which this air takes it, until it looks as it has to before the ` +
      t`next coat. The look of the film decides, not the clock.`,
    source: 'estimate',
    citation: t`Model notes, sections 5 and 8; the paint’s own data sheet comes first.`,
  },
  film: {
    title: t`Film`,
    says: t`Dry film of each coat one above the other, with the reach and the strength it has at that place.`,
    source: 'estimate',
    citation: t`Model notes, sections 7 and 8.`,
  },
  bar: {
    title: t`Gun`,
    says: t`How the school holds the gun for this coat: pressure, distance, overlap. Less air leaves it wetter and coarser, more air drier and finer.`,
    source: 'practice',
    citation: t`Common practice; the paint’s own data sheet comes first.`,
  },
} as const satisfies Record<string, Note>;

export type NoteName = keyof typeof NOTES;

export function noteReasons(name: NoteName): Reason[] {
  const { says, source, citation } = NOTES[name];
  return [{ rule: { text: says, values: {}, plain: says }, source, citation, inputs: [] }];
}
