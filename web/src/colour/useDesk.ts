import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, retryWhenOffline } from '../api/queries';
import type { ColourDesk } from '../api/types';

/** The colour desk of a job. `version` is the plan's: another plan asks other things of the same cards. */
export function useDesk(jobId: string, version: number) {
  return useQuery({
    queryKey: [...keys.colour(jobId), version],
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/colour', { params: { path: { job: jobId } } })),
    retry: retryWhenOffline,
    placeholderData: (before) => before,
  });
}

export interface DeskDoer {
  /** Runs something that answers with the new desk, and shows it. */
  run: (work: () => Promise<ColourDesk>) => Promise<ColourDesk | null>;
  busy: boolean;
  problem: ApiProblem | null;
  forget: () => void;
  /** After something changed the desk behind its back. */
  reload: () => Promise<void>;
}

export function useDeskDoer(jobId: string, version: number): DeskDoer {
  const client = useQueryClient();
  const changed = async () => {
    // The spine and the list of cars tell what the desk means.
    await Promise.all([
      client.invalidateQueries({ queryKey: keys.job(jobId), exact: true }),
      client.invalidateQueries({ queryKey: keys.jobs }),
    ]);
  };
  const doing = useMutation({
    // One after the other: every answer is the whole desk, and the newest has to come last.
    scope: { id: `desk ${jobId}` },
    mutationFn: async (work: () => Promise<ColourDesk>) => {
      const desk = await work();
      // A desk that was asked for before this answer would come in after it, and show what was there before.
      await client.cancelQueries({ queryKey: keys.colour(jobId) });
      return desk;
    },
    onSuccess: (desk) => {
      client.setQueryData([...keys.colour(jobId), version], desk);
      return changed();
    },
  });
  return {
    run: (work) => doing.mutateAsync(work).catch(() => null),
    busy: doing.isPending,
    problem: doing.error instanceof ApiProblem ? doing.error : null,
    forget: () => doing.reset(),
    reload: async () => {
      await client.invalidateQueries({ queryKey: keys.colour(jobId) });
      await changed();
    },
  };
}

export const samplePath = (job: string, sample: string) => ({ params: { path: { job, sample } } });
