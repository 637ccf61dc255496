import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, unwrap } from '../api/client';
import type { JobDocument, SchoolOutlook, Shelf } from '../api/types';
import type { Pair } from '../map/geometry';

/** While something is dragged, one question at a time is enough. */
const CALM_MS = 120;

function useCalm<T>(value: T, ms: number): T {
  const [calm, setCalm] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setCalm(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return calm;
}

/** What will be seen of a document; the last picture stays until the next one has come. */
export function useSimulation(jobId: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document), CALM_MS);
  return useQuery({
    queryKey: ['simulate', jobId, asked],
    queryFn: () => unwrap(api.POST('/api/jobs/{job}/simulate', { params: { path: { job: jobId } }, body: { document: JSON.parse(asked) as JobDocument } })),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: 60_000,
  });
}

export function useCut(jobId: string, document: JobDocument, line: readonly [Pair, Pair] | null) {
  const asked = useCalm(JSON.stringify({ document, from: line?.[0], to: line?.[1] }), CALM_MS);
  return useQuery({
    queryKey: ['cut', jobId, asked],
    queryFn: () => unwrap(api.POST('/api/jobs/{job}/cut', { params: { path: { job: jobId } }, body: JSON.parse(asked) as { document: JobDocument; from: number[]; to: number[] } })),
    enabled: line !== null && asked.includes('"from"'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Every school on this repair, asked one by one, so that rows come in as they are done. */
export function useSchools(jobId: string, document: JobDocument, schools: Shelf['schools'], enabled: boolean): { rows: SchoolOutlook[]; waiting: number } {
  const key = JSON.stringify(document);
  return useQueries({
    queries: schools.map((s) => ({
      queryKey: ['school', jobId, s.key, key],
      queryFn: () => unwrap(api.POST('/api/jobs/{job}/schools/{school}', { params: { path: { job: jobId, school: s.key } }, body: { document } })),
      enabled,
      retry: false,
      staleTime: 60_000,
    })),
    combine: (answers) => ({ rows: answers.flatMap((a) => (a.data === undefined ? [] : [a.data])), waiting: enabled ? answers.filter((a) => a.isPending).length : 0 }),
  });
}
