import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { BEHIND, behind } from '../api/behind';
import { api, unwrap } from '../api/client';
import type { CutWish, JobDocument, WayOutlook } from '../api/types';
import { useCalm } from '../kit/useCalm';
import type { Pair } from '../map/geometry';
import type { Look } from '../walk/paint';

/** The section along a line as it looks from one place. */
export function useCut(jobId: string, document: JobDocument, line: readonly [Pair, Pair] | null, look: Look) {
  const { angle, distance: distanceM } = look;
  const asked = useCalm(JSON.stringify({ document, from: line?.[0], to: line?.[1], angle, distanceM }));
  return useQuery({
    queryKey: ['cut', jobId, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/cut', {
          params: { path: { job: jobId } },
          body: JSON.parse(asked) as CutWish,
          signal,
        }),
      ),
    enabled: line !== null && asked.includes('"from"'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** What is worked out behind everything else, once somebody presses for it, and again when the document changes. */
function useBehind<T>(
  key: string,
  jobId: string,
  document: JobDocument,
  enabled: boolean,
  ask: (document: JobDocument, signal: AbortSignal) => Promise<T>,
) {
  const asked = useCalm(JSON.stringify(document));
  return useQuery({
    queryKey: [key, jobId, asked],
    queryFn: ({ signal }) => behind(() => ask(JSON.parse(asked) as JobDocument, signal), signal),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** This plan with a standard gun and with a small one. */
export const useGuns = (jobId: string, document: JobDocument, enabled: boolean) =>
  useBehind('guns', jobId, document, enabled, (sent, signal) =>
    unwrap(
      api.POST('/api/jobs/{job}/guns', {
        params: { path: { job: jobId } },
        body: { document: sent },
        headers: BEHIND,
        signal,
      }),
    ),
  );

/** What else this repair suggests, each planned beside the plan as it is. */
export const useOffers = (jobId: string, document: JobDocument, enabled: boolean) =>
  useBehind('offers', jobId, document, enabled, (sent, signal) =>
    unwrap(
      api.POST('/api/jobs/{job}/offers', {
        params: { path: { job: jobId } },
        body: { document: sent },
        headers: BEHIND,
        signal,
      }),
    ),
  );

/** The smaller the better, the first figure that differs decides. */
export function byRank(a: WayOutlook, b: WayOutlook): number {
  const at = a.rank.findIndex((v, i) => v !== b.rank[i]);
  return at < 0 ? 0 : (a.rank[at] ?? 0) - (b.rank[at] ?? 0);
}

/**
 * Every school on this repair, the best first. They come in one by one behind everything else that is asked, so that a
 * change of school never waits for them; those of a document that changed meanwhile are not begun.
 */
export function useWays(jobId: string, document: JobDocument, schools: readonly string[], enabled: boolean) {
  const asked = useCalm(JSON.stringify(document));
  return useQueries({
    queries: schools.map((school) => ({
      queryKey: ['ways', jobId, school, asked],
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        behind(
          () =>
            unwrap(
              api.POST('/api/jobs/{job}/ways', {
                params: { path: { job: jobId } },
                body: { document: JSON.parse(asked) as JobDocument, school },
                headers: BEHIND,
                signal,
              }),
            ),
          signal,
        ),
      enabled,
      retry: false,
      staleTime: 60_000,
    })),
    combine: (answers) => ({
      rows: answers.flatMap((a) => a.data ?? []).sort(byRank),
      done: answers.filter((a) => !a.isPending).length,
      of: answers.length,
    }),
  });
}

/** What would cure what is seen, each tried in the simulation; asked for only when something is seen. */
export function useCures(jobId: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document));
  return useQuery({
    queryKey: ['cures', jobId, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/cures', {
          params: { path: { job: jobId } },
          body: { document: JSON.parse(asked) as JobDocument },
          signal,
        }),
      ),
    enabled,
    retry: false,
    staleTime: 60_000,
  });
}
