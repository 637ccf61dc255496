import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { add, device, keptEvents, taken, unsent } from './store';

const event = (n: number, kind = 'note') => ({
  key: `00000000-0000-4000-8000-00000000000${n}`,
  kind,
  occurredMs: 1_800_000_000_000 + n,
  by: 'Bram',
  body: {},
});

describe('what a tablet keeps', () => {
  it('counts on, keeps what was not sent, and lets the shop computer have the last word', async () => {
    expect(device()).toBe(device());
    const [one, two] = await Promise.all([add('r', event(1)), add('r', event(2))]);
    expect([one.seq, two.seq].sort()).toEqual([1, 2]);
    await add('other', event(3));
    expect((await unsent('r')).map((e) => e.key)).toEqual([one.key, two.key]);
    // The clock was four seconds slow: put right by who received it.
    await taken('r', [{ ...one, occurredMs: one.occurredMs + 4000 }]);
    expect((await unsent('r')).map((e) => e.key)).toEqual([two.key]);
    const kept = await keptEvents('r');
    expect(kept).toHaveLength(2);
    expect(kept.find((e) => e.key === one.key)?.occurredMs).toBe(1_800_000_004_001);
    expect((await add('r', event(4))).seq).toBe(3);
  });
});
