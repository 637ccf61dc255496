import Dexie, { type EntityTable } from 'dexie';
import type { Run, RunEvent } from '../api/types';

/** An event as it lies on this tablet; `sent` once the shop computer has it. */
export interface Kept extends RunEvent {
  run: string;
  sent: 0 | 1;
}

/** What a tablet keeps of runs, so that nothing tapped is lost with the network, a reload or a killed browser. */
const store = new Dexie('kalopsis-runs') as Dexie & {
  runs: EntityTable<Run, 'id'>;
  events: EntityTable<Kept, 'key'>;
};
store.version(1).stores({ runs: 'id, job', events: 'key, run, [run+sent]' });

const DEVICE = 'kalopsis-device';

/** This browser, however often it is closed. */
export function device(): string {
  const known = localStorage.getItem(DEVICE);
  if (known !== null) {
    return known;
  }
  const made = crypto.randomUUID();
  localStorage.setItem(DEVICE, made);
  return made;
}

export const keepRun = async (run: Run): Promise<void> => {
  await store.runs.put(run);
};

export const keptRun = (id: string): Promise<Run | undefined> => store.runs.get(id);

export const keptEvents = (run: string): Promise<Kept[]> => store.events.where('run').equals(run).toArray();

export const unsent = (run: string): Promise<Kept[]> => store.events.where('[run+sent]').equals([run, 0]).sortBy('seq');

/** One more event of this tablet, counted on. */
export const add = (run: string, event: Omit<RunEvent, 'seq' | 'device'>): Promise<Kept> =>
  store.transaction('rw', store.events, async () => {
    const own = device();
    const all = await store.events.where('run').equals(run).toArray();
    const seq = 1 + Math.max(0, ...all.filter((e) => e.device === own).map((e) => e.seq));
    const kept: Kept = { ...event, device: own, seq, run, sent: 0 };
    await store.events.add(kept);
    return kept;
  });

/** What the shop computer has: its word counts for time and name. */
export const taken = async (run: string, events: readonly RunEvent[]): Promise<void> => {
  await store.events.bulkPut(events.map((event) => ({ ...event, run, sent: 1 as const })));
};
