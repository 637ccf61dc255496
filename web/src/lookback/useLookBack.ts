import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { LookEvent } from '../api/types';

export type FollowUpHow = 'wider' | 'next-panel';

export const useLookBack = (job: string) =>
  useQuery({
    queryKey: keys.lookBack(job),
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/look-back', { params: { path: { job } } })),
  });

/** Sends what was found; sent again with the same key it is kept once. */
export function useLooked(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: LookEvent) => unwrap(api.POST('/api/jobs/{job}/look-back', { params: { path: { job } }, body })),
    onSuccess: async (fresh) => {
      client.setQueryData(keys.lookBack(job), fresh);
      await Promise.all([
        client.invalidateQueries({ queryKey: keys.job(job), exact: true }),
        client.invalidateQueries({ queryKey: keys.jobs }),
        // Another finding changes what likely caused this one.
        client.invalidateQueries({ queryKey: [...keys.lookBack(job), 'causes'] }),
      ]);
    },
  });
}

export const useCauses = (job: string, finding: string) =>
  useQuery({
    queryKey: [...keys.lookBack(job), 'causes', finding],
    queryFn: ({ signal }) =>
      unwrap(api.GET('/api/jobs/{job}/look-back/causes', { params: { path: { job }, query: { finding } }, signal })),
    retry: false,
  });

export function useFollowUp(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { id: string; finding: string; how: FollowUpHow }) =>
      unwrap(api.POST('/api/jobs/{job}/look-back/follow-up', { params: { path: { job } }, body })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: keys.lookBack(job) }),
        client.invalidateQueries({ queryKey: keys.jobs }),
      ]),
  });
}

export function usePhotos(job: string) {
  const client = useQueryClient();
  const changed = () => client.invalidateQueries({ queryKey: keys.lookBack(job), exact: true });
  return {
    add: useMutation({
      mutationFn: ({ id, file, finding }: { id: string; file: File; finding: string | null }) => {
        const form = new FormData();
        form.set('id', id);
        form.set('photo', file);
        if (finding !== null) {
          form.set('finding', finding);
        }
        return unwrap(
          api.POST('/api/jobs/{job}/photos', {
            params: { path: { job } },
            body: form as unknown as { id: string; photo: string },
            bodySerializer: () => form,
          }),
        );
      },
      onSuccess: changed,
    }),
    strike: useMutation({
      mutationFn: (photo: string) =>
        unwrap(api.POST('/api/jobs/{job}/photos/{photo}/strike', { params: { path: { job, photo } } })),
      onSuccess: changed,
    }),
    restore: useMutation({
      mutationFn: (photo: string) =>
        unwrap(api.POST('/api/jobs/{job}/photos/{photo}/restore', { params: { path: { job, photo } } })),
      onSuccess: changed,
    }),
  };
}
