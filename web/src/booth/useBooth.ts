import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { JobDocument } from '../api/types';
import { useCalm } from '../kit/useCalm';

export type Hardener = 'fast' | 'standard' | 'slow';

const MINUTE = 60_000;

/** The job as a time axis, with the air and the walk around the panels. */
export function useBooth(job: string, document: JobDocument, walk: readonly string[], hardener: Hardener | null) {
  const asked = useCalm(JSON.stringify({ document, walk, hardener }));
  return useQuery({
    queryKey: ['booth', job, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/booth', {
          params: { path: { job } },
          body: JSON.parse(asked) as { document: JobDocument; walk: string[]; hardener: Hardener | null },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: MINUTE,
  });
}

export const useRuns = (job: string) =>
  useQuery({
    queryKey: keys.runs(job),
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/runs', { params: { path: { job } } })),
  });

/** Takes the car into the booth; pressed twice it is one run. */
export function useBeginRun(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => unwrap(api.POST('/api/jobs/{job}/runs', { params: { path: { job } }, body: { id } })),
    onSuccess: async () => {
      await Promise.all([
        client.invalidateQueries({ queryKey: keys.runs(job) }),
        client.invalidateQueries({ queryKey: keys.job(job), exact: true }),
        client.invalidateQueries({ queryKey: keys.jobs }),
      ]);
    },
  });
}
