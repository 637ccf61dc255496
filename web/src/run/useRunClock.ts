import { useEffect, useRef, useState } from 'react';

const TICK_MS = 200;

/**
 * The time of the run, ms since 1970. Read off the device's clock at each tick, so that it cannot drift; `speed` is for practice,
 * and what another tablet already saw is never in the future.
 */
export function useRunClock(speed: number, latestMs: number): { nowMs: number; read: () => number } {
  const from = useRef<{ wall: number; run: number } | null>(null);
  const read = () => {
    from.current ??= { wall: Date.now(), run: Math.max(Date.now(), latestMs) };
    return from.current.run + (Date.now() - from.current.wall) * speed;
  };
  const [nowMs, setNowMs] = useState(() => Math.max(Date.now(), latestMs));
  const reader = useRef(read);
  useEffect(() => {
    reader.current = read;
  });
  useEffect(() => {
    // Another speed goes on from where the clock stands.
    from.current = { wall: Date.now(), run: from.current === null ? Math.max(Date.now(), latestMs) : reader.current() };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only another speed sets the clock anew
  }, [speed]);
  useEffect(() => {
    const timer = setInterval(() => setNowMs(reader.current()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return { nowMs: Math.max(nowMs, latestMs), read: () => Math.max(reader.current(), latestMs) };
}
