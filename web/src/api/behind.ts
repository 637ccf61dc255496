import PQueue from 'p-queue';

/** What nobody waits for goes one at a time, and only while nothing is asked that somebody does wait for. */
const queue = new PQueue({ concurrency: 1 });

/** Marks a question as one that can wait (RFC 9218: urgency 7 is background). */
export const BEHIND = { Priority: 'u=7' } as const;

let waitedFor = 0;
let idle: (() => void)[] = [];

/** Counts a question that somebody waits for, for as long as it runs. */
export async function waitedForWhile<T>(run: () => Promise<T>): Promise<T> {
  waitedFor++;
  try {
    return await run();
  } finally {
    waitedFor--;
    if (waitedFor === 0) {
      const waiting = idle;
      idle = [];
      waiting.forEach((go) => go());
    }
  }
}

const quiet = (): Promise<void> => (waitedFor === 0 ? Promise.resolve() : new Promise((go) => idle.push(go)));

/** Runs when its turn comes; one that was given up meanwhile never begins. */
export function behind<T>(run: () => Promise<T>, signal: AbortSignal): Promise<T> {
  return queue.add(
    async () => {
      await quiet();
      signal.throwIfAborted();
      return run();
    },
    { signal },
  );
}
