import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ColourSample } from '../api/types';
import { bringIn, takeIn } from './importing';
import { nearest, ordered } from './SampleRail';

const sample = (part: Partial<ColourSample>): ColourSample => ({
  id: part.name ?? 'x',
  number: 1,
  kind: 'card',
  name: 'x',
  struck: false,
  by: null,
  at: '',
  spraying: null,
  sprayedAt: null,
  dried: null,
  note: null,
  letDownCoats: null,
  sources: [],
  simulated: false,
  formula: null,
  eyes: [],
  reading: null,
  questions: [],
  comparison: null,
  verdict: null,
  against: null,
  prediction: null,
  gate: null,
  place: null,
  why: null,
  clearlyOff: false,
  ...part,
});

const off = (overall: number): ColourSample['comparison'] => ({
  angles: [],
  overall,
  worst: { angle: 45, dL: 0, dC: 0, dH: 0, da: 0, db: 0, dE: overall },
  flop: null,
  sentence: { text: '', values: {}, plain: '' },
  inLampLight: null,
});

describe('the rail of samples', () => {
  it('shows the newest card first, then variants by place, struck ones last, and never the car', () => {
    const rail = ordered([
      sample({ name: 'car', kind: 'car', number: 1 }),
      sample({ name: 'old card', number: 2 }),
      sample({ name: 'second', kind: 'variant', number: 3, place: 2 }),
      sample({ name: 'first', kind: 'variant', number: 4, place: 1 }),
      sample({ name: 'struck', number: 5, struck: true }),
      sample({ name: 'new card', number: 6 }),
      sample({ name: 'unread', kind: 'variant', number: 7 }),
    ]);
    expect(rail.map((s) => s.name)).toEqual(['new card', 'old card', 'first', 'second', 'unread', 'struck']);
  });

  it('opens a let-down set at the card nearest to the car', () => {
    const cards = [
      sample({ name: '3', comparison: off(4) }),
      sample({ name: '2.5', comparison: off(1.2) }),
      sample({ name: '2', comparison: off(0.4), struck: true }),
      sample({ name: '1' }),
    ];
    expect(nearest(cards)?.name).toBe('2.5');
    expect(nearest([sample({ name: 'only' })])?.name).toBe('only');
    expect(nearest([])).toBeUndefined();
  });
});

describe('bringing readings in', () => {
  const answers = vi.fn<(request: Request) => Promise<Response>>();
  beforeEach(() => {
    document.cookie = 'XSRF-TOKEN=t';
    vi.stubGlobal('fetch', answers);
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    answers.mockReset();
  });

  const stream = (...parts: string[]) =>
    new Response(
      new ReadableStream({
        start(c) {
          for (const p of parts) {
            c.enqueue(new TextEncoder().encode(p));
          }
          c.close();
        },
      }),
      { status: 200, headers: { 'Content-Type': 'application/x-ndjson' } },
    );

  it('sends the file as it is, under its name', async () => {
    answers.mockResolvedValue(
      new Response(
        JSON.stringify({ id: 'i', rows: 1, samples: [], faults: [], leftOut: 0, name: 'a b.csv', format: 'csv' }),
        { status: 201, headers: { 'Content-Type': 'application/json' } },
      ),
    );
    const found = await bringIn('job', new File(['sample,L\nx,1'], 'a b.csv'));
    const request = answers.mock.calls[0]?.[0];
    expect(request?.url).toContain('/api/jobs/job/colour/imports?name=a%20b.csv');
    expect(request?.headers.get('Content-Type')).toBe('application/octet-stream');
    expect(found.rows).toBe(1);
  });

  it('tells how far it is, also when a line arrives in two pieces', async () => {
    answers.mockResolvedValue(stream('{"done":250,"of":10', '00}\n{"done":1000,"of":1000,"taken":1000}\n'));
    const seen: number[] = [];
    expect(await takeIn('job', 'i', { x: 'car' }, 'Five angles', (share) => seen.push(share))).toBeNull();
    expect(seen).toEqual([0.25, 1]);
  });

  it('says why nothing was taken', async () => {
    answers.mockResolvedValue(
      stream('{"done":250,"of":1000}\n', '{"title":"Nothing was taken.","detail":"They cannot be averaged."}\n'),
    );
    expect(await takeIn('job', 'i', {}, '', () => undefined)).toBe('Nothing was taken. They cannot be averaged.');
    answers.mockRejectedValue(new TypeError('no network'));
    expect(await takeIn('job', 'i', {}, '', () => undefined)).toBe('The shop computer does not answer.');
  });
});
