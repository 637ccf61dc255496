import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { Person, Role } from '../api/types';

const KEY = ['people'];
const DONE = ['happenings'];

export const useHappenings = () => useQuery({ queryKey: DONE, queryFn: () => unwrap(api.GET('/api/happenings')) });

/** Everybody, and what a lead does about them; each answer is the new list. */
export function usePeople() {
  const client = useQueryClient();
  const all = useQuery({ queryKey: KEY, queryFn: () => unwrap(api.GET('/api/people')) });
  const took = (people: Person[]) => {
    client.setQueryData(KEY, people);
    void client.invalidateQueries({ queryKey: DONE });
  };
  const add = useMutation({
    mutationFn: (body: { name: string; email: string; role: Role; password: string }) =>
      unwrap(api.POST('/api/people', { body })),
    onSuccess: took,
  });
  const change = useMutation({
    mutationFn: ({ id, ...body }: { id: number; role?: Role; putAway?: boolean }) =>
      unwrap(api.PATCH('/api/people/{person}', { params: { path: { person: id } }, body })),
    onSuccess: took,
  });
  const reset = useMutation({
    mutationFn: ({ id, password }: { id: number; password: string }) =>
      unwrap(api.POST('/api/people/{person}/password', { params: { path: { person: id } }, body: { password } })),
    onSuccess: took,
  });
  const signOut = useMutation({
    mutationFn: (id: number) => unwrap(api.POST('/api/people/{person}/sign-out', { params: { path: { person: id } } })),
    onSuccess: took,
  });
  const forget = useMutation({
    mutationFn: (id: number) => unwrap(api.POST('/api/people/{person}/forget', { params: { path: { person: id } } })),
    onSuccess: took,
  });
  return { all, add, change, reset, signOut, forget };
}
