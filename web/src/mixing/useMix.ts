import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { Mix, ScaleHand } from '../api/types';

export interface Begin {
  id: string;
  cup: string;
  kind: 'cup' | 'formula';
  batch: string;
  cardsMl: number;
}

const PATHS = {
  take: '/api/jobs/{job}/mixes/{mix}/take',
  recover: '/api/jobs/{job}/mixes/{mix}/recover',
  accept: '/api/jobs/{job}/mixes/{mix}/accept',
  finish: '/api/jobs/{job}/mixes/{mix}/finish',
  discard: '/api/jobs/{job}/mixes/{mix}/discard',
} as const;

export type MixDoes = keyof typeof PATHS;

/** A mix on the scale. Whatever happens to it carries a key of its own, so that it happens once however often it is sent. */
export function useMix(job: string, mix: string) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: keys.mix(job, mix),
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/mixes/{mix}', { params: { path: { job, mix } } })),
  });
  const happen = useMutation({
    mutationFn: ({ does, key, grams }: { does: MixDoes; key: string; grams?: number }) =>
      unwrap(
        api.POST(PATHS[does], {
          params: { path: { job, mix } },
          body: { key, ...(grams === undefined ? {} : { grams }) },
        }),
      ),
    // Nobody answered: the same event is sent again. A refusal stays one.
    retry: (count, error) => count < 3 && 'isOffline' in error && error.isOffline === true,
    onSuccess: (next: Mix) => {
      client.setQueryData(keys.mix(job, mix), next);
      void client.invalidateQueries({ queryKey: keys.mixes(job), exact: true });
    },
  });
  return {
    query,
    happen,
    does: (does: MixDoes, grams?: number) =>
      happen.mutate({ does, key: crypto.randomUUID(), ...(grams === undefined ? {} : { grams }) }),
  };
}

export const begin = (job: string, wish: Begin): Promise<Mix> =>
  unwrap(api.POST('/api/jobs/{job}/mixes', { params: { path: { job } }, body: wish }));

/** What a hand does at the simulated scale. */
export const hand = (job: string, mix: string, does: ScaleHand) =>
  unwrap(api.POST('/api/jobs/{job}/mixes/{mix}/scale/hand', { params: { path: { job, mix } }, body: { does } }));
