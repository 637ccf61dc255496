import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { Sheet } from '../api/types';

const paintKey = (key: string, edition: number | null) => ['paint', key, edition] as const;

/** A paint system with its sheet, in an edition or the newest. */
export const usePaintSystem = (key: string, edition: number | null = null) =>
  useQuery({
    queryKey: paintKey(key, edition),
    queryFn: ({ signal }) =>
      unwrap(
        api.GET('/api/paint-systems/{key}', {
          params: { path: { key }, query: edition === null ? {} : { edition } },
          signal,
        }),
      ),
    enabled: key !== '',
  });

/** What follows from a sheet that is being typed, and its faults; the answer before stays until the next. */
export const useSheetCheck = (sheet: Sheet) =>
  useQuery({
    queryKey: ['paint-check', sheet],
    queryFn: ({ signal }) => unwrap(api.POST('/api/paint-systems/check', { body: sheet, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 10_000,
  });

export function useKeepPaint() {
  const client = useQueryClient();
  const onSuccess = async () => {
    await Promise.all([
      client.invalidateQueries({ queryKey: ['paint'] }),
      client.invalidateQueries({ queryKey: keys.shelf }),
      // A bench says whether a newer sheet lies on the shelf.
      client.invalidateQueries({ queryKey: ['job'] }),
    ]);
  };
  const keep = useMutation({
    mutationFn: ({ key, edition, sheet }: { key: string | null; edition: number; sheet: Sheet }) =>
      key === null
        ? unwrap(api.POST('/api/paint-systems', { body: sheet }))
        : unwrap(
            api.PUT('/api/paint-systems/{key}', {
              params: { path: { key }, header: { 'If-Match': `"${edition}"` } },
              body: sheet,
            }),
          ),
    onSuccess,
  });
  const away = useMutation({
    mutationFn: ({ key, back }: { key: string; back: boolean }) =>
      unwrap(
        back
          ? api.POST('/api/paint-systems/{key}/restore', { params: { path: { key } } })
          : api.POST('/api/paint-systems/{key}/put-away', { params: { path: { key } } }),
      ),
    onSuccess,
  });
  return { keep, away };
}

export const useReadPaint = () =>
  useMutation({
    mutationFn: async (file: File) =>
      unwrap(api.POST('/api/paint-systems/read', { body: { text: await file.text() } })),
  });
