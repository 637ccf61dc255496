import { queryOptions, useQuery } from '@tanstack/react-query';
import { api, ApiProblem, unwrap } from './client';
import type { JobDocument } from './types';

/** Query keys in one place, so that a change can name what it touches. */
export const keys = {
  me: ['me'] as const,
  jobs: ['jobs'] as const,
  day: (at: string) => ['day', at] as const,
  archived: ['jobs', 'archived'] as const,
  job: (id: string) => ['job', id] as const,
  colour: (id: string) => ['job', id, 'colour'] as const,
  mixes: (id: string) => ['job', id, 'mixes'] as const,
  mix: (id: string, mix: string) => ['job', id, 'mixes', mix] as const,
  runs: (id: string) => ['job', id, 'runs'] as const,
  lookBack: (id: string) => ['job', id, 'look-back'] as const,
  history: (id: string) => ['job', id, 'history'] as const,
  shelf: ['shelf'] as const,
  calibration: ['calibration'] as const,
  practice: ['practice'] as const,
  shopSchools: ['shop-schools'] as const,
  body: (key: string, sizes = '') => ['body', key, sizes] as const,
};

export const meQuery = queryOptions({
  queryKey: keys.me,
  queryFn: async ({ signal }) => (await unwrap(api.GET('/api/session', { signal }))).me,
  staleTime: Infinity,
  retry: false,
});

export const useJobs = () => useQuery({ queryKey: keys.jobs, queryFn: () => unwrap(api.GET('/api/jobs')) });

export const useArchivedJobs = (enabled: boolean) =>
  useQuery({
    queryKey: keys.archived,
    queryFn: () => unwrap(api.GET('/api/jobs', { params: { query: { archived: '1' as unknown as boolean } } })),
    enabled,
  });

export const useShelf = () =>
  useQuery({ queryKey: keys.shelf, queryFn: () => unwrap(api.GET('/api/shelf')), staleTime: 300_000 });

export const useShopSchools = () =>
  useQuery({ queryKey: keys.shopSchools, queryFn: () => unwrap(api.GET('/api/shop-schools')), staleTime: 300_000 });

/** The car of a job as it was measured, or a drawing of the shelf. While another size is fetched the last one stays. */
export const useBody = (car: Pick<JobDocument['car'], 'bodyShape' | 'sizes'> | undefined) => {
  const sizes = car?.sizes === undefined ? undefined : JSON.stringify(car.sizes);
  const key = car?.bodyShape ?? '';
  return useQuery({
    queryKey: keys.body(key, sizes),
    queryFn: () =>
      unwrap(
        api.GET('/api/bodies/{key}', {
          params: { path: { key }, query: sizes === undefined ? {} : { sizes } },
        }),
      ),
    enabled: key !== '',
    staleTime: 300_000,
    placeholderData: (last) => (last?.key === key ? last : undefined),
  });
};

export const useHistory = (id: string, version: number) =>
  useQuery({
    queryKey: [...keys.history(id), version],
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/history', { params: { path: { job: id } } })),
  });

export const useMixes = (id: string) =>
  useQuery({
    queryKey: keys.mixes(id),
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/mixes', { params: { path: { job: id } } })),
  });

/** Ask again only when nobody answered; an answer, even a bad one, stays as it is. */
export function retryWhenOffline(count: number, error: unknown): boolean {
  return count < 2 && error instanceof ApiProblem && error.isOffline;
}
