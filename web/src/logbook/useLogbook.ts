import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';

export type Which = 'all' | 'seen' | 'redo' | 'ask';

/** Jobs that are found, page after page. */
export const useFound = (q: string, which: Which) =>
  useInfiniteQuery({
    queryKey: ['logbook', q, which],
    queryFn: ({ pageParam, signal }) =>
      unwrap(api.GET('/api/logbook', { params: { query: { q, which, page: pageParam } }, signal })),
    initialPageParam: 1,
    getNextPageParam: (last) => (last.more ? last.page + 1 : undefined),
    placeholderData: keepPreviousData,
  });

export const useSums = () =>
  useQuery({ queryKey: ['logbook', 'sums'], queryFn: () => unwrap(api.GET('/api/logbook/sums')) });
