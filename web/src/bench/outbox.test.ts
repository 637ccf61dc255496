import { describe, expect, it } from 'vitest';
import type { Draft } from './drafts';
import { EMPTY, outbox, redoMeans, undoMeans, type Outbox, type OutboxEvent } from './outbox';

const draft = (n: number): Draft => ({ document: { n } as never, change: `change ${n}`, onVersion: n });
const after = (...events: OutboxEvent[]): Outbox => events.reduce(outbox, EMPTY);
const refused: OutboxEvent = {
  type: 'refused',
  faults: [{ field: 'repairs.0.shape.radiusMm', code: 'out-of-range', detail: 'too large' }],
  words: 'too large',
};

describe('the outbox', () => {
  it('sends every edit, oldest first, and is saved only when the last one was taken', () => {
    const two = after({ type: 'edited', draft: draft(1) }, { type: 'edited', draft: draft(2) });
    expect(two.queue.map((d) => d.onVersion)).toEqual([1, 2]);
    expect(outbox(two, { type: 'taken' }).save.kind).toBe('saving');
    expect(after({ type: 'edited', draft: draft(1) }, { type: 'taken' })).toEqual(EMPTY);
  });

  it('never reads saved after a value was refused, until it is taken back or mended', () => {
    const bad = after({ type: 'edited', draft: draft(1) }, refused);
    expect(bad.save.kind).toBe('refused');
    expect(bad.draft).toEqual(draft(1));
    for (const event of [{ type: 'stepped' }, { type: 'unreachable' }] as const) {
      expect(outbox(bad, event).draft).toEqual(draft(1));
    }
    expect(outbox(bad, { type: 'stepped' }).save.kind).toBe('refused');
    expect(outbox(bad, { type: 'dropped' })).toEqual(EMPTY);
    const mended = outbox(bad, { type: 'edited', draft: draft(2) });
    expect(mended.queue).toEqual([draft(2)]);
    expect(outbox(mended, { type: 'taken' })).toEqual(EMPTY);
  });

  it('undoes what was refused and not the good step before it', () => {
    expect(undoMeans(after({ type: 'edited', draft: draft(1) }, refused))).toBe('drop');
    expect(redoMeans(after({ type: 'edited', draft: draft(1) }, refused))).toBe('wait');
    expect(undoMeans(EMPTY)).toBe('step');
    expect(undoMeans(after({ type: 'edited', draft: draft(1) }))).toBe('wait');
    expect(undoMeans(after({ type: 'stepping' }))).toBe('wait');
  });

  it('keeps what it has while nobody answers, and sends it again', () => {
    const off = after({ type: 'edited', draft: draft(1) }, { type: 'unreachable' });
    expect(off.save.kind).toBe('offline');
    expect(off.queue).toEqual([draft(1)]);
    expect(outbox(off, { type: 'taken' })).toEqual(EMPTY);
    expect(after({ type: 'stepping' }, { type: 'unreachable' }).save.kind).toBe('saved');
  });

  it('keeps an edit that somebody else overtook, also one of another day', () => {
    const late = after({ type: 'edited', draft: draft(1) }, { type: 'overtaken', words: 'changed' });
    expect(late).toEqual({ save: { kind: 'stale', words: 'changed' }, queue: [], draft: draft(1) });
    expect(after({ type: 'found', draft: draft(3), words: 'old' }).draft).toEqual(draft(3));
    expect(undoMeans(late)).toBe('wait');
  });
});
