import { useEffect, useRef, useState } from 'react';

/** One tap starts, the next stops and gives the seconds. */
export function useStopwatch(): { running: boolean; seconds: number; press: () => number | null } {
  const began = useRef<number | null>(null);
  const [running, setRunning] = useState(false);
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    if (!running) {
      return;
    }
    const timer = setInterval(() => setSeconds((performance.now() - (began.current ?? 0)) / 1000), 100);
    return () => clearInterval(timer);
  }, [running]);
  const press = () => {
    if (began.current === null) {
      began.current = performance.now();
      setSeconds(0);
      setRunning(true);
      return null;
    }
    const took = (performance.now() - began.current) / 1000;
    began.current = null;
    setRunning(false);
    setSeconds(took);
    return took;
  };
  return { running, seconds, press };
}
