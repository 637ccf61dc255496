import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { TonerWish } from '../api/types';

const KEY = ['toners'] as const;

/** The toners of the shop's own bench. */
export const useToners = () =>
  useQuery({ queryKey: KEY, queryFn: ({ signal }) => unwrap(api.GET('/api/toners', { signal })) });

/** What cards say that are being laid out. */
export const useTonerFit = (key: string | null, wish: TonerWish) =>
  useQuery({
    queryKey: ['toner-fit', key, wish],
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/toners/fit', {
          body: wish,
          ...(key === null ? {} : { params: { query: { of: key } } as never }),
          signal,
        }),
      ),
    enabled: (wish.cards ?? []).length > 0 && wish.name.trim() !== '',
    retry: false,
    staleTime: 0,
    gcTime: 0,
  });

export function useKeepToner() {
  const client = useQueryClient();
  const onSuccess = async () => {
    await Promise.all([
      client.invalidateQueries({ queryKey: KEY }),
      client.invalidateQueries({ queryKey: ['colours'] }),
      client.invalidateQueries({ queryKey: ['job'] }),
    ]);
  };
  const keep = useMutation({
    mutationFn: ({ key, wish }: { key: string | null; wish: TonerWish }) =>
      key === null
        ? unwrap(api.POST('/api/toners', { body: wish }))
        : unwrap(api.PUT('/api/toners/{toner}', { params: { path: { toner: key } }, body: wish })),
    onSuccess,
  });
  const away = useMutation({
    mutationFn: ({ key, back }: { key: string; back: boolean }) =>
      unwrap(
        back
          ? api.POST('/api/toners/{toner}/restore', { params: { path: { toner: key } } })
          : api.POST('/api/toners/{toner}/put-away', { params: { path: { toner: key } } }),
      ),
    onSuccess,
  });
  return { keep, away };
}

export const useReadCards = () =>
  useMutation({
    mutationFn: async (file: File) => unwrap(api.POST('/api/toners/readings', { body: { text: await file.text() } })),
  });
