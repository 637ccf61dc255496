import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { JobDocument } from '../api/types';
import { useCalm } from '../kit/useCalm';

const MINUTE = 60_000;

/** How the mixture of a coat is thinned in a document; the last answer stays until the next has come. */
export function useReduction(job: string, document: JobDocument, coat: string) {
  const asked = useCalm(JSON.stringify(document));
  return useQuery({
    queryKey: ['reduction', job, coat, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/reduction', {
          params: { path: { job } },
          body: { document: JSON.parse(asked) as JobDocument, coat },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: MINUTE,
  });
}

/** Hardener, binder, clear and guns for a document. */
export function useMixChoices(job: string, document: JobDocument, enabled: boolean) {
  const asked = useCalm(JSON.stringify(document));
  return useQuery({
    queryKey: ['mix-choices', job, asked],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/jobs/{job}/mix-choices', {
          params: { path: { job } },
          body: { document: JSON.parse(asked) as JobDocument },
          signal,
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: MINUTE,
  });
}

/** The colour's formula for a cup of the saved plan. */
export function useFormula(job: string, version: number, cup: string, cardsMl: number) {
  return useQuery({
    queryKey: ['formula', job, version, cup, cardsMl],
    queryFn: ({ signal }) =>
      unwrap(api.POST('/api/jobs/{job}/formula', { params: { path: { job } }, body: { cup, cardsMl }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: MINUTE,
  });
}
