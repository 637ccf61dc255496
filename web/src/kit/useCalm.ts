import { useEffect, useState } from 'react';

/** While something is dragged, one question at a time is enough. */
const CALM_MS = 120;

/** The value once it has rested for a moment. */
export function useCalm<T>(value: T, ms = CALM_MS): T {
  const [calm, setCalm] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setCalm(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return calm;
}
