import { useEffect, useRef, useState } from 'react';

const CALM_MS = 350;

/**
 * A value that is moved in many small steps and committed once, when the hand is still. What was moved is shown until the
 * answer has come to the same; what is still waiting is committed when the page is left.
 */
export function useSettled(
  answered: number | null,
  onCommit: (value: number) => void,
): { shown: number | null; move: (value: number) => void } {
  const [moved, setMoved] = useState<number | null>(null);
  const waiting = useRef<{ value: number; timer: ReturnType<typeof setTimeout> } | null>(null);
  const commit = useRef(onCommit);
  useEffect(() => {
    commit.current = onCommit;
  }, [onCommit]);
  const flush = useRef(() => {
    const now = waiting.current;
    if (now !== null) {
      clearTimeout(now.timer);
      waiting.current = null;
      commit.current(now.value);
    }
  });
  useEffect(() => flush.current, []);
  useEffect(() => {
    if (waiting.current === null && answered === moved) {
      setMoved(null);
    }
  }, [answered, moved]);
  const move = (value: number) => {
    setMoved(value);
    if (waiting.current !== null) {
      clearTimeout(waiting.current.timer);
    }
    waiting.current = { value, timer: setTimeout(() => flush.current(), CALM_MS) };
  };
  return { shown: moved, move };
}
