import { useEffect, useState } from 'react';
import type { ScaleFrame } from '../api/types';
import { lines } from './lines';

const AGAIN_MS = 1000;

/** What the scale shows, as it streams. `lost` while nobody answers: the last frame stays, and nothing in the cup is lost. */
export function useScale(job: string, mix: string, open: boolean): { frame: ScaleFrame | null; lost: boolean } {
  const [frame, setFrame] = useState<ScaleFrame | null>(null);
  const [lost, setLost] = useState(false);
  useEffect(() => {
    if (!open) {
      return;
    }
    const stop = new AbortController();
    const listen = async () => {
      while (!stop.signal.aborted) {
        try {
          const answer = await fetch(`/api/jobs/${job}/mixes/${mix}/scale`, { signal: stop.signal });
          if (!answer.ok || answer.body === null) {
            throw new Error(String(answer.status));
          }
          for await (const line of lines(answer.body)) {
            setFrame(JSON.parse(line) as ScaleFrame);
            setLost(false);
          }
        } catch {
          setLost(true);
          await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
        }
      }
    };
    void listen();
    return () => stop.abort();
  }, [job, mix, open]);
  return { frame, lost };
}
