import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { PracticeByNumbers, PracticeSetUp } from '../api/types';
import type { Place } from './path';

/** How the gun was moved: its path, or by numbers. */
export type Sprayed = { path: Place[] } | { hand: PracticeByNumbers };

export const useLadder = () => useQuery({ queryKey: keys.practice, queryFn: () => unwrap(api.GET('/api/practice')) });

export const usePeople = (enabled: boolean) =>
  useQuery({
    queryKey: [...keys.practice, 'people'],
    queryFn: () => unwrap(api.GET('/api/practice/people')),
    enabled,
  });

export const useTold = (scenario: string) =>
  useQuery({
    queryKey: [...keys.practice, 'told', scenario],
    queryFn: () => unwrap(api.GET('/api/practice/scenarios/{scenario}', { params: { path: { scenario } } })),
    staleTime: 300_000,
  });

export const useStroke = (scenario: string) =>
  useMutation({
    mutationFn: (body: Sprayed) =>
      unwrap(api.POST('/api/practice/scenarios/{scenario}/stroke', { params: { path: { scenario } }, body })),
  });

export function useTry(scenario: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (
      body: { key: string; choices: Record<string, string> } & Partial<{ path: Place[]; hand: PracticeByNumbers }>,
    ) => unwrap(api.POST('/api/practice/scenarios/{scenario}/tries', { params: { path: { scenario } }, body })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: keys.practice, exact: true }),
        client.invalidateQueries({ queryKey: [...keys.practice, 'people'] }),
      ]),
  });
}

export function usePutAway() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (scenario: string) =>
      unwrap(api.POST('/api/practice/scenarios/{scenario}/put-away', { params: { path: { scenario } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.practice }),
  });
}

export const useSandbox = (set: PracticeSetUp) =>
  useQuery({
    queryKey: [...keys.practice, 'sandbox', set],
    queryFn: ({ signal }) => unwrap(api.POST('/api/practice/sandbox', { body: set, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });
