import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api, unwrap } from '../api/client';
import type { Climate, RunPlan } from '../api/types';
import type { Replayed } from './replay';

/** How often the sensor is asked, ms; a change of so much is an event of the run. */
const ASK_MS = 5000;
const KELVIN = 0.5;
const PERCENT = 3;
const M_PER_S = 0.1;

/** The air of the booth as its sensor says it now; what it said last while nobody answers. */
export function useClimate(
  job: string,
  run: string,
  read: () => number,
  speed: number,
  on: boolean,
): { climate: Climate | undefined; ask: () => void } {
  const asked = useQuery({
    queryKey: ['climate', job, run],
    queryFn: () =>
      unwrap(
        api.GET('/api/jobs/{job}/runs/{run}/climate', {
          params: { path: { job, run }, query: { at: Math.round(read()) } },
        }),
      ),
    refetchInterval: Math.max(1000, ASK_MS / speed),
    enabled: on,
    retry: false,
  });
  return { climate: asked.data, ask: () => void asked.refetch() };
}

/** Tells the run when its air has changed by more than the last digit of a sensor. */
export function useAirEvents(
  plan: RunPlan,
  state: Replayed,
  climate: Climate | undefined,
  tell: (climate: Climate) => void,
): void {
  const teller = useRef(tell);
  useEffect(() => {
    teller.current = tell;
  });
  const told = state.climate.at(-1) ?? plan.climate;
  const { temperatureC, humidityPercent, airMPerS } = told;
  useEffect(() => {
    if (
      climate !== undefined &&
      (Math.abs(climate.temperatureC - temperatureC) >= KELVIN ||
        Math.abs(climate.humidityPercent - humidityPercent) >= PERCENT ||
        Math.abs(climate.airMPerS - airMPerS) >= M_PER_S)
    ) {
      teller.current(climate);
    }
  }, [climate, temperatureC, humidityPercent, airMPerS]);
}
