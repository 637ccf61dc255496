import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, unwrap } from '../api/client';
import type { CutWish, JobDocument } from '../api/types';
import type { Pair } from '../map/geometry';
import type { Look } from './LightWalk';

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
    queryFn: () =>
      unwrap(
        api.POST('/api/jobs/{job}/simulate', {
          params: { path: { job: jobId } },
          body: { document: JSON.parse(asked) as JobDocument },
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: 60_000,
  });
}

/** The section along a line as it looks from one place. */
export function useCut(jobId: string, document: JobDocument, line: readonly [Pair, Pair] | null, look: Look) {
  const { angle, distance: distanceM } = look;
  const asked = useCalm(JSON.stringify({ document, from: line?.[0], to: line?.[1], angle, distanceM }), CALM_MS);
  return useQuery({
    queryKey: ['cut', jobId, asked],
    queryFn: () =>
      unwrap(
        api.POST('/api/jobs/{job}/cut', {
          params: { path: { job: jobId } },
          body: JSON.parse(asked) as CutWish,
        }),
      ),
    enabled: line !== null && asked.includes('"from"'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Every school on this repair in one answer, the best first; a dozen plans, so only while somebody compares. */
export function useWays(jobId: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document), CALM_MS);
  return useQuery({
    queryKey: ['ways', jobId, asked],
    queryFn: () =>
      unwrap(
        api.POST('/api/jobs/{job}/ways', {
          params: { path: { job: jobId } },
          body: { document: JSON.parse(asked) as JobDocument },
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: 60_000,
  });
}

/** What would cure what is seen, each tried in the simulation; asked for only when something is seen. */
export function useCures(jobId: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document), CALM_MS);
  return useQuery({
    queryKey: ['cures', jobId, asked],
    queryFn: () =>
      unwrap(
        api.POST('/api/jobs/{job}/cures', {
          params: { path: { job: jobId } },
          body: { document: JSON.parse(asked) as JobDocument },
        }),
      ),
    enabled,
    retry: false,
    staleTime: 60_000,
  });
}
