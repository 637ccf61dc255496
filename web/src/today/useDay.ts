import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { Day, DayMove, ShopHours } from '../api/types';
import { useNow } from '../kit/useNow';
import { wall } from './clock';

const MINUTE = 60_000;

/** Now, by the clock on the wall; another time can be looked at by its address. */
export function useAt(): string {
  const [search] = useSearchParams();
  const now = useNow(MINUTE / 2);
  const asked = search.get('at');
  return asked !== null && /^\d{4}-\d\d-\d\dT\d\d:\d\d$/u.test(asked) ? asked : wall(new Date(now));
}

export function useDay(at: string) {
  return useQuery({
    queryKey: keys.day(at),
    queryFn: () => unwrap(api.GET('/api/day', { params: { query: { at } } })),
    placeholderData: keepPreviousData,
    refetchInterval: MINUTE,
  });
}

/** Everything that changes the day answers with the new one. */
export function useDayChanges(at: string) {
  const client = useQueryClient();
  const shown = (day: Day) => client.setQueryData(keys.day(at), day);
  const move = useMutation({
    mutationFn: ({ job, ...body }: DayMove & { job: string }) =>
      unwrap(api.PUT('/api/day/jobs/{job}', { params: { path: { job }, query: { at } }, body })),
    onSuccess: shown,
  });
  const order = useMutation({
    mutationFn: (blocks: string[]) =>
      unwrap(api.PUT('/api/day/order', { params: { query: { at } }, body: { order: blocks } })),
    onSuccess: shown,
  });
  const best = useMutation({ mutationFn: () => unwrap(api.POST('/api/day/best', { params: { query: { at } } })) });
  const hours = useMutation({
    mutationFn: (body: ShopHours) => unwrap(api.PUT('/api/shelf/hours', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.day(at) }),
  });
  return { move, order, best, hours };
}
