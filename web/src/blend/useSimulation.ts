import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, unwrap } from '../api/client';
import type { JobDocument, SchoolOutlook, Shelf, ShopSchool } from '../api/types';
import { adoptShopSchool } from '../bench/document';
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
export function useSchools(jobId: string, document: JobDocument, schools: Shelf['schools'], own: readonly ShopSchool[]): { rows: SchoolOutlook[]; waiting: number } {
  const key = JSON.stringify(document);
  const enabled = schools.length > 0;
  // A school of the shop is looked at as the document it would make; its row carries its own name.
  const asked = [
    ...schools.map((s) => ({ key: s.key, name: null, school: s.key, document })),
    ...own.map((s) => ({ key: s.id, name: s.name, school: 'as-sent', document: adoptShopSchool(document, s.name, s.plan).document })),
  ];
  return useQueries({
    queries: asked.map((s) => ({
      queryKey: ['school', jobId, s.key, key],
      queryFn: async () => {
        const row = await unwrap(api.POST('/api/jobs/{job}/schools/{school}', { params: { path: { job: jobId, school: s.school } }, body: { document: s.document } }));
        return { ...row, key: s.key, name: s.name ?? row.name };
      },
      enabled,
      retry: false,
      staleTime: 60_000,
    })),
    combine: (answers) => ({ rows: answers.flatMap((a) => (a.data === undefined ? [] : [a.data])), waiting: enabled ? answers.filter((a) => a.isPending).length : 0 }),
  });
}
