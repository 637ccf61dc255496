import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { JobDocument } from '../api/types';
import { useCalm } from '../kit/useCalm';

/** What will be seen of a document; the last picture stays until the next one has come. */
export function useSimulation(jobId: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document));
  return useQuery({
    queryKey: ['simulate', jobId, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/simulate', {
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
