import { t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, retryWhenOffline } from '../api/queries';
import type { Bench, JobDocument, JobPlan } from '../api/types';
import { useUnits } from '../kit/preferences';
import { faultText } from '../kit/units';
import type { Change } from './document';
import { keepDraft, loadDraft, type Draft } from './drafts';
import { EMPTY, outbox, redoMeans, undoMeans, type Outbox, type OutboxEvent, type SaveState } from './outbox';
import { pace } from './pace';

export type { SaveState } from './outbox';

const RETRY_MS = 2500;

export interface BenchHandle {
  bench: Bench;
  document: JobDocument;
  plan: JobPlan;
  save: SaveState;
  /** The sentence for a field that was refused, by its path in the document. */
  fault: (field: string) => string | undefined;
  change: (change: Change) => void;
  /** Shows what a document would give while something is dragged; nothing is saved. */
  preview: (document: JobDocument | null) => void;
  undo: () => void;
  redo: () => void;
  takeBack: () => void;
  takeTheirs: () => void;
  keepMine: () => void;
}

type Loaded =
  | { state: 'loading' }
  | { state: 'failed'; error: unknown; retry: () => void }
  | { state: 'ready'; handle: BenchHandle };

/** A job on the bench: edits are shown at once, saved one after another, and never lost. */
export function useBench(id: string): Loaded {
  const client = useQueryClient();
  const units = useUnits();
  const query = useQuery({
    queryKey: keys.job(id),
    queryFn: () => unwrap(api.GET('/api/jobs/{job}', { params: { path: { job: id } } })),
    retry: retryWhenOffline,
    refetchOnWindowFocus: false,
  });
  const [box, setBox] = useState<Outbox>(EMPTY);
  const [live, setLive] = useState<{ document: JobDocument; plan: JobPlan | null } | null>(null);
  // What is on its way is read between two answers, not between two renders.
  const now = useRef<Outbox>(EMPTY);
  const running = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const bench = query.data;
  const version = useRef(0);
  if (bench !== undefined && bench.version > version.current) {
    version.current = bench.version;
  }

  const put = useCallback(
    (next: Bench) => {
      version.current = next.version;
      client.setQueryData(keys.job(id), next);
      void client.invalidateQueries({ queryKey: keys.jobs });
    },
    [client, id],
  );

  const tell = useCallback(
    (event: OutboxEvent) => {
      now.current = outbox(now.current, event);
      setBox(now.current);
      keepDraft(id, now.current.draft);
    },
    [id],
  );

  const run = useCallback(async () => {
    if (running.current) {
      return;
    }
    running.current = true;
    for (let item = now.current.queue[0]; item !== undefined; item = now.current.queue[0]) {
      try {
        const next = await unwrap(
          api.PUT('/api/jobs/{job}', {
            params: { path: { job: id }, header: { 'If-Match': `"${version.current}"` } },
            body: { document: item.document, change: item.change },
          }),
        );
        put(next);
        tell({ type: 'taken' });
        if (now.current.queue.length === 0) {
          setLive(null);
        }
      } catch (error) {
        const problem = error instanceof ApiProblem ? error : null;
        if (problem === null || problem.isOffline || problem.status >= 500) {
          tell({ type: 'unreachable' });
          clearTimeout(timer.current);
          timer.current = setTimeout(() => void run(), RETRY_MS);
        } else if (problem.status === 412) {
          tell({ type: 'overtaken', words: problem.problem?.detail ?? '' });
        } else {
          if (problem.status === 401) {
            void client.invalidateQueries({ queryKey: keys.me });
          }
          tell({
            type: 'refused',
            faults: problem.problem?.errors ?? [],
            words: problem.problem?.detail ?? problem.message,
          });
        }
        break;
      }
    }
    running.current = false;
  }, [client, id, put, tell]);

  const enqueue = useCallback(
    (next: Draft) => {
      tell({ type: 'edited', draft: next });
      void run();
    },
    [run, tell],
  );

  // An edit that was not saved when the page went away is picked up again.
  const restored = useRef(false);
  useEffect(() => {
    if (bench === undefined || restored.current) {
      return;
    }
    restored.current = true;
    const left = loadDraft(id);
    if (left === null) {
      return;
    }
    if (left.onVersion === bench.version) {
      enqueue(left);
    } else {
      tell({
        type: 'found',
        draft: left,
        words: t`An edit of yours was not saved before this page was closed, and the job has changed since.`,
      });
    }
  }, [bench, enqueue, id, tell]);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (now.current.queue.length > 0) {
        event.preventDefault();
      }
    };
    const again = () => void run();
    window.addEventListener('beforeunload', warn);
    window.addEventListener('online', again);
    return () => {
      window.removeEventListener('beforeunload', warn);
      window.removeEventListener('online', again);
      clearTimeout(timer.current);
    };
  }, [run]);

  const wanted = useRef<JobDocument | null>(null);
  const asking = useRef(false);
  const preview = useCallback(
    (document: JobDocument | null) => {
      wanted.current = document;
      setLive((was) => (document === null ? null : { document, plan: was?.plan ?? null }));
      const ask = async () => {
        asking.current = true;
        const rests = pace();
        while (wanted.current !== null) {
          const asked: JobDocument = wanted.current;
          wanted.current = null;
          const began = performance.now();
          try {
            const answer = await unwrap(
              api.POST('/api/jobs/{job}/preview', { params: { path: { job: id } }, body: { document: asked } }),
            );
            setLive((was) => (was === null ? null : { ...was, plan: answer.plan }));
          } catch {
            // The last picture stays; saving will say what is wrong.
          }
          const rest = rests(performance.now() - began);
          if (rest > 0) {
            await new Promise((go) => setTimeout(go, rest));
          }
        }
        asking.current = false;
      };
      if (document !== null && !asking.current) {
        void ask();
      }
    },
    [id],
  );

  if (bench === undefined) {
    return query.isError
      ? { state: 'failed', error: query.error, retry: () => void query.refetch() }
      : { state: 'loading' };
  }

  const drop = () => {
    tell({ type: 'dropped' });
    setLive(null);
  };
  const step = async (way: 'undo' | 'redo') => {
    const means = way === 'undo' ? undoMeans(now.current) : redoMeans(now.current);
    if (means === 'drop') {
      drop();
    }
    if (means !== 'step') {
      return;
    }
    const options = { params: { path: { job: id }, header: { 'If-Match': `"${version.current}"` } } };
    tell({ type: 'stepping' });
    try {
      put(
        await unwrap(
          way === 'undo' ? api.POST('/api/jobs/{job}/undo', options) : api.POST('/api/jobs/{job}/redo', options),
        ),
      );
      tell({ type: 'stepped' });
    } catch (error) {
      const overtaken = error instanceof ApiProblem && error.status === 412;
      tell(overtaken ? { type: 'overtaken', words: error.problem?.detail ?? '' } : { type: 'unreachable' });
    }
  };
  const refetch = async () => {
    const fresh = await unwrap(api.GET('/api/jobs/{job}', { params: { path: { job: id } } }));
    put(fresh);
    return fresh;
  };

  return {
    state: 'ready',
    handle: {
      bench,
      document: live?.document ?? box.draft?.document ?? bench.document,
      plan: live?.plan ?? bench.plan,
      save: box.save,
      fault: (field) => {
        const found = box.save.kind === 'refused' ? box.save.faults.find((f) => f.field === field) : undefined;
        return found === undefined ? undefined : faultText(found, units);
      },
      change: ({ document, change }) => enqueue({ document, change, onVersion: version.current }),
      preview,
      undo: () => void step('undo'),
      redo: () => void step('redo'),
      takeBack: drop,
      takeTheirs: () => {
        drop();
        void refetch();
      },
      keepMine: () => {
        const mine = now.current.draft;
        void refetch().then((fresh) => {
          if (mine !== null) {
            enqueue({ ...mine, onVersion: fresh.version });
          }
        });
      },
    },
  };
}
