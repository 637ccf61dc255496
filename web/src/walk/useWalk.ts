import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { JobDocument } from '../api/types';
import { useCalm } from '../kit/useCalm';

/** What a walk around a document looks up; asked for only while somebody walks. */
export function useWalk(jobId: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document));
  return useQuery({
    queryKey: ['walk', jobId, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/walk', {
          params: { path: { job: jobId } },
          body: { document: JSON.parse(asked) as JobDocument },
          signal,
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: 60_000,
  });
}
