import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';

type Lengths = Readonly<Record<string, number>>;

export const useSilhouettes = () =>
  useQuery({
    queryKey: ['silhouettes'],
    queryFn: ({ signal }) => unwrap(api.GET('/api/silhouettes', { signal })),
    staleTime: Infinity,
  });

/** What the tape said of a car that is on the shelf. */
export const useTaped = (key: string | undefined) =>
  useQuery({
    queryKey: ['taped', key],
    queryFn: ({ signal }) =>
      unwrap(api.GET('/api/bodies/{key}/tape', { params: { path: { key: key ?? '' } }, signal })),
    enabled: key !== undefined,
    gcTime: 0,
  });

/** The car as the lengths make it; the one before stays until then. */
export const useFit = (kind: string, lengths: Lengths) =>
  useQuery({
    queryKey: ['fit', kind, lengths],
    queryFn: ({ signal }) =>
      unwrap(api.POST('/api/silhouettes/{key}/fit', { params: { path: { key: kind } }, body: { lengths }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });

/** Puts a new car on the shelf, or corrects the one that is there. */
export function useKeepTaped(kind: string, bodyKey: string | undefined) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { name: string; lengths: Lengths }) =>
      bodyKey === undefined
        ? unwrap(api.POST('/api/silhouettes/{key}', { params: { path: { key: kind } }, body }))
        : unwrap(api.PUT('/api/bodies/{key}/tape', { params: { path: { key: bodyKey } }, body })),
    onSuccess: async (body) => {
      client.removeQueries({ queryKey: keys.body(body.key) });
      await client.invalidateQueries({ queryKey: keys.shelf });
    },
  });
}
