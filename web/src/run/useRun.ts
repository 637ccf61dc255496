import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import type { Run, RunEvent, RunEventBody } from '../api/types';
import { replay, type Replayed } from './replay';
import { add, device, keepRun, keptEvents, keptRun, taken, unsent, type Kept } from './store';

/** How often a tablet asks what another one did, ms. */
const ASK_MS = 4000;

/** So many are sent at once. */
const BATCH = 200;

export interface RunHandle {
  run: Run;
  state: Replayed;
  /** Taps that the shop computer does not have yet. */
  waiting: number;
  online: boolean;
  /** What the shop computer would not take, in its words. */
  refused: string | null;
  happen: (kind: string, body: RunEventBody, occurredMs: number) => void;
}

export type LoadedRun =
  { state: 'loading' } | { state: 'failed'; error: unknown } | { state: 'ready'; handle: RunHandle };

/**
 * A run as this tablet has it. What happens is kept here first and shown at once; it goes to the shop computer whenever that
 * answers, in order and as often as it takes, and is kept there once.
 */
export function useRun(job: string, id: string, by: string): LoadedRun {
  const [run, setRun] = useState<Run | null>(null);
  const [events, setEvents] = useState<readonly Kept[]>([]);
  const [online, setOnline] = useState(true);
  const [refused, setRefused] = useState<string | null>(null);
  const [error, setError] = useState<unknown>(null);
  const busy = useRef(false);
  const again = useRef(false);

  const fresh = useCallback(async () => setEvents(await keptEvents(id)), [id]);

  const sync = useCallback(async () => {
    if (busy.current) {
      again.current = true;
      return;
    }
    busy.current = true;
    try {
      do {
        again.current = false;
        const batch = (await unsent(id)).slice(0, BATCH);
        const answer: RunEvent[] = await unwrap(
          api.POST('/api/jobs/{job}/runs/{run}/events', {
            params: { path: { job, run: id } },
            body: {
              device: device(),
              clockMs: Date.now(),
              events: batch.map(({ key, kind, seq, occurredMs, body }) => ({ key, kind, seq, occurredMs, body })),
            },
          }),
        );
        await taken(id, answer);
        await fresh();
        setOnline(true);
        setRefused(null);
        again.current ||= batch.length === BATCH;
      } while (again.current);
    } catch (problem) {
      // Nobody answers, or answers with a fault of its own: kept here, and tried again.
      const answered = problem instanceof ApiProblem && problem.status >= 400 && problem.status < 500;
      setOnline(answered);
      setRefused(answered ? (problem.problem?.detail ?? problem.message) : null);
    } finally {
      busy.current = false;
    }
  }, [id, job, fresh]);

  useEffect(() => {
    let gone = false;
    const load = async () => {
      const kept = await keptRun(id);
      if (kept !== undefined && !gone) {
        await fresh();
        setRun(kept);
      }
      try {
        const there = await unwrap(api.GET('/api/jobs/{job}/runs/{run}', { params: { path: { job, run: id } } }));
        await keepRun(there);
        await taken(id, there.events);
        await fresh();
        if (!gone) {
          setRun(there);
        }
      } catch (problem) {
        if (kept === undefined) {
          setError(problem);
        } else {
          setOnline(false);
        }
      }
      void sync();
    };
    void load();
    const timer = setInterval(() => void sync(), ASK_MS);
    const back = () => void sync();
    window.addEventListener('online', back);
    return () => {
      gone = true;
      clearInterval(timer);
      window.removeEventListener('online', back);
    };
  }, [id, job, fresh, sync]);

  const happen = useCallback(
    (kind: string, body: RunEventBody, occurredMs: number) => {
      const event = { key: crypto.randomUUID(), kind, occurredMs: Math.round(occurredMs), by, body };
      void add(id, event).then(async (kept) => {
        setEvents((before) => [...before, kept]);
        await sync();
      });
    },
    [id, by, sync],
  );

  const state = useMemo(() => (run === null ? null : replay(run.run, events)), [run, events]);
  if (run !== null && state !== null) {
    const waiting = events.filter((e) => e.sent === 0).length;
    return { state: 'ready', handle: { run, state, waiting, online, refused, happen } };
  }
  return error === null ? { state: 'loading' } : { state: 'failed', error };
}
