import { t } from '@lingui/core/macro';

/** What a place is for, why it is there, and how a painter does it: told by help, tour and pocket guide alike. */
export interface GuidePage {
  key: string;
  title: string;
  what: string;
  why: string;
  how: string;
}

export const GUIDE: readonly GuidePage[] = [
  {
    key: 'today',
    title: t`Today`,
    what: t`All cars of the shop on one axis of hours, each with its card, drying, preparing, booth and finish.`,
    why: t`One booth, one painter and one oven decide when a car leaves; an order found by search saves empty booth hours.`,
    how: t`Look at it first thing in the morning, move a block where you know better, and open the car that is due.`,
  },
  {
    key: 'car',
    title: t`Car`,
    what: t`The repairs on the unrolled car: where, how large, what lies below.`,
    why: t`How far colour may go depends on the next gap, line or fold, and the grey below decides how many coats hide it.`,
    how: t`Press where the primer is and pull it as large as it is. Say its grey; measure from the edge of the primer, not of the dent.`,
  },
  {
    key: 'colour',
    title: t`Colour`,
    what: t`Car and cards side by side, read or judged by eye, with the best variant, the way to tint it, and whether it may be sprayed.`,
    why: t`A card that was sprayed like the plan is the only proof of the colour; a wrong guess costs a respray.`,
    how: t`Polish a spot, read the car, shoot a card the way the panel will be sprayed, let it dry, and hold it to the car in three lights.`,
  },
  {
    key: 'blend',
    title: t`Blend`,
    what: t`Each coat with its reach, one length that is needed, the room there is, and what will be seen.`,
    why: t`An edge is seen where colour or flakes change too fast for the eye to miss; drawn out far enough nobody finds it.`,
    how: t`Take the school you trust, look at the verdict, pull a contour if you know better. Wet bed on light metallics.`,
  },
  {
    key: 'cups',
    title: t`Cups`,
    what: t`What to mix, in spraying order, how much, how thin, and on which scale lines.`,
    why: t`Too little stops the job at the last coat, too much is poured away; reducer decides how wet it lands.`,
    how: t`Mix in the order of the list, weigh to the line, label the cup. Keep what remains for the last transparent coat.`,
  },
  {
    key: 'booth',
    title: t`Booth`,
    what: t`The job on a time axis, then step by step on a tablet: what now, for how long, what is next.`,
    why: t`Waiting too short solvents out, too long wastes the open time of a bed; nobody can watch four clocks.`,
    how: t`Press the big button when a step is done. Look before you press: dull all over is ready, whatever the clock says.`,
  },
  {
    key: 'look-back',
    title: t`Look-back`,
    what: t`What is seen of the finished car, where, what likely caused it, and the job that makes it good.`,
    why: t`Every respray has a cause; who writes it down does not pay for it twice.`,
    how: t`Walk round it in the light where it will stand, from three metres and from the fingertips. Press where something is.`,
  },
  {
    key: 'shelf',
    title: t`Shelf`,
    what: t`Body shapes, colours, data sheets and schools of the workshop.`,
    why: t`What is written down once is the same for everybody.`,
    how: t`Keep your own way of spraying as a school; the next one begins where you left off.`,
  },
  {
    key: 'calibration',
    title: t`Tests of the model`,
    what: t`Six simple tests that tell the model what your paint, your booth and your eyes do.`,
    why: t`Without them it takes what the trade usually sees, and doubts it.`,
    how: t`Begin with a hiding card of the colour you spray most, then stand before the sheet of fades.`,
  },
  {
    key: 'logbook',
    title: t`Logbook`,
    what: t`Every car and what became of it; how often work was done again.`,
    why: t`The colour that comes in today was here before.`,
    how: t`Search by plate, colour or a word of a lesson. Ask after a fortnight whether anybody saw it.`,
  },
  {
    key: 'practice',
    title: t`Practice bay`,
    what: t`Repairs with a hidden truth, to decide and to spray with the pointer.`,
    why: t`A panel on the screen costs nothing; a panel on a car costs a day.`,
    how: t`Decide before you press. When it is seen, change one thing and spray again.`,
  },
];

export const guideOf = (key: string): GuidePage | undefined => GUIDE.find((page) => page.key === key);

/** Which page of the guide an address belongs to. */
export function guideAt(path: string): string {
  const job = /^\/jobs\/[^/]+\/([a-z-]+)/u.exec(path)?.[1];
  const first = path.split('/')[1] ?? '';
  const key = job ?? (first === '' ? 'today' : first);
  return guideOf(key) === undefined ? 'today' : key;
}
