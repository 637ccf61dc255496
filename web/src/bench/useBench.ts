import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, retryWhenOffline } from '../api/queries';
import type { Bench, FieldFault, JobDocument, JobPlan } from '../api/types';
import type { Change } from './document';
import { useUnits } from '../kit/preferences';
import { faultText } from '../kit/units';
import { keepDraft, loadDraft, type Draft } from './drafts';

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'offline' }
  | { kind: 'refused'; faults: readonly FieldFault[]; words: string }
  | { kind: 'stale'; words: string };

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
  const [draft, setDraft] = useState<Draft | null>(null);
  const [live, setLive] = useState<{ document: JobDocument; plan: JobPlan | null } | null>(null);
  const [save, setSave] = useState<SaveState>({ kind: 'saved' });
  const queue = useRef<Draft[]>([]);
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

  const run = useCallback(async () => {
    if (running.current) {
      return;
    }
    running.current = true;
    setSave({ kind: 'saving' });
    for (let item = queue.current[0]; item !== undefined; item = queue.current[0]) {
      try {
        const next = await unwrap(
          api.PUT('/api/jobs/{job}', {
            params: { path: { job: id }, header: { 'If-Match': `"${version.current}"` } },
            body: { document: item.document, change: item.change },
          }),
        );
        queue.current.shift();
        put(next);
        if (queue.current.length === 0) {
          keepDraft(id, null);
          setDraft(null);
          setLive(null);
          setSave({ kind: 'saved' });
        }
      } catch (error) {
        const problem = error instanceof ApiProblem ? error : null;
        if (problem === null || problem.isOffline || problem.status >= 500) {
          setSave({ kind: 'offline' });
          clearTimeout(timer.current);
          timer.current = setTimeout(() => void run(), RETRY_MS);
        } else if (problem.status === 412) {
          queue.current = [];
          setSave({ kind: 'stale', words: problem.problem?.detail ?? '' });
        } else {
          queue.current = [];
          if (problem.status === 401) {
            void client.invalidateQueries({ queryKey: keys.me });
          }
          setSave({
            kind: 'refused',
            faults: problem.problem?.errors ?? [],
            words: problem.problem?.detail ?? problem.message,
          });
        }
        break;
      }
    }
    running.current = false;
  }, [client, id, put]);

  const enqueue = useCallback(
    (next: Draft) => {
      keepDraft(id, next);
      setDraft(next);
      queue.current.push(next);
      void run();
    },
    [id, run],
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
      setDraft(left);
      setSave({
        kind: 'stale',
        words: 'An edit of yours was not saved before this page was closed, and the job has changed since.',
      });
    }
  }, [bench, enqueue, id]);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (queue.current.length > 0) {
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
        while (wanted.current !== null) {
          const asked: JobDocument = wanted.current;
          wanted.current = null;
          try {
            const answer = await unwrap(
              api.POST('/api/jobs/{job}/preview', { params: { path: { job: id } }, body: { document: asked } }),
            );
            setLive((was) => (was === null ? null : { ...was, plan: answer.plan }));
          } catch {
            // The last picture stays; saving will say what is wrong.
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

  const step = async (way: 'undo' | 'redo') => {
    if (queue.current.length > 0 || running.current) {
      return;
    }
    const options = { params: { path: { job: id }, header: { 'If-Match': `"${version.current}"` } } };
    setSave({ kind: 'saving' });
    try {
      put(
        await unwrap(
          way === 'undo' ? api.POST('/api/jobs/{job}/undo', options) : api.POST('/api/jobs/{job}/redo', options),
        ),
      );
      setSave({ kind: 'saved' });
    } catch (error) {
      const stale = error instanceof ApiProblem && error.status === 412;
      setSave(stale ? { kind: 'stale', words: error.problem?.detail ?? '' } : { kind: 'saved' });
    }
  };
  const drop = () => {
    keepDraft(id, null);
    setDraft(null);
    setLive(null);
    setSave({ kind: 'saved' });
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
      document: live?.document ?? draft?.document ?? bench.document,
      plan: live?.plan ?? bench.plan,
      save,
      fault: (field) => {
        const found = save.kind === 'refused' ? save.faults.find((f) => f.field === field) : undefined;
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
        const mine = draft;
        void refetch().then((fresh) => {
          if (mine !== null) {
            enqueue({ ...mine, onVersion: fresh.version });
          }
        });
      },
    },
  };
}
