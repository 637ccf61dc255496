import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { ColourWish } from '../api/types';

const KEY = ['colours'];

/** All colours of the shop, those put away too, and the toners of its bench. */
export const useColours = () =>
  useQuery({ queryKey: KEY, queryFn: ({ signal }) => unwrap(api.GET('/api/colours', { signal })) });

/** What changes with a colour: the shelf, and the desks that show its formula. */
function useRenewed() {
  const client = useQueryClient();
  return async () => {
    await client.invalidateQueries({ queryKey: KEY });
    await client.invalidateQueries({ queryKey: keys.shelf });
    await client.invalidateQueries({ queryKey: ['job'] });
  };
}

/** Takes readings of colours out of a file. */
export function useReadColours() {
  const onSuccess = useRenewed();
  return useMutation({
    mutationFn: ({ file, add }: { file: File; add: boolean }) =>
      unwrap(
        api.POST('/api/colours/readings', {
          params: { query: { name: file.name.slice(0, 120), add } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as Blob,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    onSuccess,
  });
}

export function useForgetReading() {
  const onSuccess = useRenewed();
  return useMutation({
    mutationFn: (colour: number) =>
      unwrap(api.DELETE('/api/colours/{colour}/reading', { params: { path: { colour } } })),
    onSuccess,
  });
}

/** Adds or changes a colour, puts it away, brings it back. */
export function useKeepColours() {
  const client = useQueryClient();
  const onSuccess = useRenewed();
  const keep = useMutation({
    mutationFn: ({ id, wish }: { id: number | null; wish: ColourWish }) =>
      id === null
        ? unwrap(api.POST('/api/colours', { body: wish }))
        : unwrap(api.PUT('/api/colours/{colour}', { params: { path: { colour: id } }, body: wish })),
    onSuccess,
  });
  const away = useMutation({
    mutationFn: ({ id, back }: { id: number; back: boolean }) =>
      unwrap(
        back
          ? api.POST('/api/colours/{colour}/restore', { params: { path: { colour: id } } })
          : api.POST('/api/colours/{colour}/put-away', { params: { path: { colour: id } } }),
      ),
    onSuccess,
  });
  const take = useMutation({
    mutationFn: async (file: File) => unwrap(api.POST('/api/colours/import', { body: { text: await file.text() } })),
    onSuccess: async () => {
      await onSuccess();
      await client.invalidateQueries({ queryKey: ['toners'] });
    },
  });
  return { keep, away, take };
}
