import 'fake-indexeddb/auto';
import { renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Run, RunEvent } from '../api/types';
import { keptEvents } from './store';
import { useRun, type RunHandle } from './useRun';

const RUN = {
  id: 'r1',
  job: 'j1',
  events: [],
  run: {
    steps: [
      { id: 'ready', kind: 'ready', minutes: 5, waitMin: null, movement: null, answers: [] },
      { id: 'base-1', kind: 'coat', minutes: 1, waitMin: null, movement: null, answers: [] },
    ],
    remedies: {},
    drying: {},
    climate: { temperatureC: 20, humidityPercent: 50, airMPerS: 0.3 },
  },
} as unknown as Run;

interface Sent {
  events: { key: string; kind: string; seq: number }[];
}

/** A shop computer that goes away and comes back: what it has it keeps, each once. */
function shopComputer() {
  const kept = new Map<string, RunEvent>();
  const sent: Sent[] = [];
  const state = { how: 'well' as 'well' | 'no-database' | 'gone' | 'gone-after-keeping' };
  vi.stubGlobal('fetch', async (input: Request) => {
    const json = (body: unknown, status = 200) =>
      new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
    if (state.how === 'gone') {
      throw new TypeError('Failed to fetch');
    }
    if (state.how === 'no-database') {
      return json({ title: 'Something went wrong on our side.', code: 'broken' }, 500);
    }
    if (input.method === 'GET') {
      return json(RUN);
    }
    const body = (await input.json()) as Sent & { device: string };
    sent.push(body);
    for (const event of body.events) {
      kept.set(event.key, { occurredMs: 1, by: 'Bram', body: {}, ...event, device: body.device });
    }
    if (state.how === 'gone-after-keeping') {
      // Killed between keeping and answering: the tablet cannot know.
      throw new TypeError('Failed to fetch');
    }
    return json([...kept.values()]);
  });
  return { kept, sent, state };
}

const handle = (loaded: { current: ReturnType<typeof useRun> }): RunHandle => {
  if (loaded.current.state !== 'ready') {
    throw new Error(loaded.current.state);
  }
  return loaded.current.handle;
};

afterEach(() => vi.unstubAllGlobals());

describe('a run on a tablet', () => {
  it('keeps every tap while the database, PHP or the network is dead, and sends each until it is kept, once', async () => {
    document.cookie = 'XSRF-TOKEN=t';
    const shop = shopComputer();
    const { result } = renderHook(() => useRun('j1', 'r1', 'Bram'));
    await waitFor(() => expect(result.current.state).toBe('ready'));
    const again = () => window.dispatchEvent(new Event('online'));

    shop.state.how = 'no-database';
    handle(result).happen('done', { step: 'ready' }, 1000);
    await waitFor(() => expect(handle(result).state.at).toBe(1));
    await waitFor(() => expect(handle(result).online).toBe(false));
    expect(handle(result).waiting).toBe(1);

    shop.state.how = 'gone';
    handle(result).happen('begin', { step: 'base-1' }, 2000);
    await waitFor(() => expect(handle(result).waiting).toBe(2));

    shop.state.how = 'gone-after-keeping';
    again();
    await waitFor(() => expect(shop.kept.size).toBe(2));
    expect(handle(result).waiting).toBe(2);

    shop.state.how = 'well';
    again();
    await waitFor(() => expect(handle(result).waiting).toBe(0));
    await waitFor(() => expect(handle(result).online).toBe(true));
    // Sent more than once, kept once, in the order of the taps.
    const keys = shop.sent.flatMap((s) => s.events.map((e) => e.key));
    expect(keys.length).toBeGreaterThan(2);
    expect(new Set(keys).size).toBe(2);
    expect([...shop.kept.values()].map((e) => e.kind)).toEqual(['done', 'begin']);
    expect((await keptEvents('r1')).every((e) => e.sent === 1)).toBe(true);
  });

  it('is there again after the browser was killed, without anybody answering', async () => {
    const shop = shopComputer();
    shop.state.how = 'gone';
    const { result } = renderHook(() => useRun('j1', 'r1', 'Bram'));
    await waitFor(() => expect(result.current.state).toBe('ready'));
    await waitFor(() => expect(handle(result).state.at).toBe(1));
    expect(handle(result).run.id).toBe('r1');
    expect(shop.sent).toEqual([]);
  });
});
