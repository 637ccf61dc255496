import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { CalibrationState, ModelTestKind } from '../api/types';

export type TestBody = Record<string, unknown> & { kind: ModelTestKind };

export const useCalibration = () =>
  useQuery({ queryKey: keys.calibration, queryFn: () => unwrap(api.GET('/api/calibration')) });

/** Takes tests in and puts them away; whatever they say changes every plan, so plans are asked again. */
export function useTests() {
  const client = useQueryClient();
  const changed = (fresh: CalibrationState) => {
    client.setQueryData(keys.calibration, fresh);
    return client.invalidateQueries({ predicate: (q) => q.queryKey[0] === 'job' || q.queryKey[0] === 'day' });
  };
  return {
    add: useMutation({
      mutationFn: ({ key, on, body }: { key: string; on: string; body: TestBody }) =>
        unwrap(api.POST('/api/calibration/tests', { body: { ...body, key, on } })),
      onSuccess: changed,
    }),
    gather: useMutation({
      mutationFn: () => unwrap(api.POST('/api/calibration/gather')),
      onSuccess: changed,
    }),
    count: useMutation({
      mutationFn: ({ id, counts }: { id: string; counts: boolean }) =>
        unwrap(
          counts
            ? api.POST('/api/calibration/tests/{id}/restore', { params: { path: { id } } })
            : api.POST('/api/calibration/tests/{id}/put-away', { params: { path: { id } } }),
        ),
      onSuccess: changed,
    }),
  };
}
