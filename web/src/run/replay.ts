import type { DryingTable, RunEvent, RunEventBody, RunPlan, RunStep } from '../api/types';

/**
 * Where a run stands after what happened: the core's Booth\Replay once more, so that a tablet knows it without a network. Both
 * are held to the cases of core/tests/fixtures/runs.json.
 */
export interface Done {
  begunMs: number | null;
  doneMs: number | null;
  by: string;
  answer: string;
  extraMin: number;
}

export interface Reading {
  ms: number;
  temperatureC: number;
  humidityPercent: number;
  airMPerS: number;
}

export interface Told {
  ms: number;
  kind: string;
  by: string;
  step: string;
  body: RunEventBody;
}

export interface Replayed {
  steps: RunStep[];
  /** The step that is on now; the number of steps when all is done. */
  at: number;
  done: Map<string, Done>;
  told: Told[];
  climate: Reading[];
  begunMs: number | null;
  pausedMs: number | null;
}

const MINUTE_MS = 60_000;

const NOTHING: Done = { begunMs: null, doneMs: null, by: '', answer: '', extraMin: 0 };

const text = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Each once, in the order they happened; on one device never against its own count. */
export function ordered(events: readonly RunEvent[]): [number, RunEvent][] {
  const once = new Map(events.map((event) => [event.key, event]));
  const byDevice = new Map<string, RunEvent[]>();
  for (const event of once.values()) {
    byDevice.set(event.device, [...(byDevice.get(event.device) ?? []), event]);
  }
  const out: [number, RunEvent][] = [];
  for (const own of byDevice.values()) {
    let latest = -Infinity;
    for (const event of own.sort((a, b) => a.seq - b.seq || text(a.key, b.key))) {
      latest = Math.max(latest, event.occurredMs);
      out.push([latest, event]);
    }
  }
  return out.sort(
    ([ms, a], [other, b]) => ms - other || text(a.device, b.device) || a.seq - b.seq || text(a.key, b.key),
  );
}

export function replay(run: RunPlan, events: readonly RunEvent[]): Replayed {
  const state: Replayed = {
    steps: [...run.steps],
    at: 0,
    done: new Map(),
    told: [],
    climate: [],
    begunMs: null,
    pausedMs: null,
  };
  for (const [ms, event] of ordered(events)) {
    happened(run, state, ms, event);
  }
  return state;
}

export const stepOf = (state: Replayed): RunStep | undefined => state.steps[state.at];

/** Where the wait for a step runs from: a film dries from when its coat was on, a clock from the step before. */
export function waitsSinceMs(state: Replayed): number | null {
  const film = stepOf(state)?.movement != null;
  for (let i = state.at - 1; i >= 0; i--) {
    const step = state.steps[i];
    if (step !== undefined && (!film || step.kind === 'coat')) {
      return state.done.get(step.id)?.doneMs ?? null;
    }
  }
  return state.begunMs;
}

/** Minutes still to wait in the air as it is by then; 0 when it should be so far. */
export function leftMin(run: RunPlan, state: Replayed, nowMs: number): number {
  const step = stepOf(state);
  const since = waitsSinceMs(state);
  if (step?.waitMin == null || since === null) {
    return 0;
  }
  let gone = 0;
  let air: Omit<Reading, 'ms'> = run.climate;
  let from = since;
  for (const reading of state.climate) {
    if (reading.ms > from && reading.ms < nowMs) {
      gone += ((reading.ms - from) / MINUTE_MS) * rate(run, step, air);
      from = reading.ms;
    }
    air = reading.ms < nowMs ? reading : air;
  }
  const now = rate(run, step, air);
  gone += (Math.max(0, nowMs - from) / MINUTE_MS) * now;
  const left = step.waitMin - gone;
  const extra = state.done.get(step.id)?.extraMin ?? 0;
  const inThisAir = now > 0 ? left / now : left > 0 ? Infinity : 0;
  return Math.max(0, inThisAir + extra);
}

function rate(run: RunPlan, step: RunStep, air: Omit<Reading, 'ms'>): number {
  const table = run.drying[step.dries ?? ''];
  return step.movement == null || table === undefined ? 1 : looked(table, step.movement, air);
}

/** Times as fast as in the plan's air, between the four places around. */
function looked(table: DryingTable, movement: string, air: Omit<Reading, 'ms'>): number {
  const rows = table.rates[movement];
  if (rows === undefined) {
    return 1;
  }
  const [i, u] = place(table.celsius, air.temperatureC);
  const [j, v] = place(table.humidity, air.humidityPercent);
  const at = (a: number, b: number) => rows[a]?.[b] ?? 1;
  const found = (1 - u) * ((1 - v) * at(i, j) + v * at(i, j + 1)) + u * ((1 - v) * at(i + 1, j) + v * at(i + 1, j + 1));
  return movement === 'booth' ? found * Math.sqrt(Math.max(0, air.airMPerS) / table.airMPerS) : found;
}

function place(axis: readonly number[], value: number): [number, number] {
  const first = axis[0] ?? 0;
  const step = (axis[1] ?? 1) - first;
  const at = Math.min(Math.max(0, (value - first) / step), axis.length - 1);
  const i = Math.min(Math.floor(at), axis.length - 2);
  return [i, at - i];
}

const entry = (state: Replayed, step: RunStep): Done => state.done.get(step.id) ?? NOTHING;

function happened(run: RunPlan, state: Replayed, ms: number, event: RunEvent): void {
  const now = stepOf(state);
  const mine = now !== undefined && event.body.step === now.id ? now : undefined;
  const tell = () =>
    state.told.push({ ms, kind: event.kind, by: event.by, step: event.body.step ?? '', body: event.body });
  switch (event.kind) {
    case 'begin':
      if (mine !== undefined && entry(state, mine).begunMs === null) {
        state.begunMs ??= ms;
        state.done.set(mine.id, { ...entry(state, mine), begunMs: ms, by: event.by });
      }
      break;
    case 'done':
      if (mine !== undefined) {
        finish(state, mine, ms, event, tell);
      }
      break;
    case 'wait':
      if (mine !== undefined) {
        const extraMin = entry(state, mine).extraMin + Math.max(0, event.body.minutes ?? 0);
        state.done.set(mine.id, { ...entry(state, mine), extraMin });
        tell();
      }
      break;
    case 'back':
      if (state.steps[state.at - 1]?.id === event.body.step && state.at > 0) {
        state.at--;
        for (const undone of [state.steps[state.at], state.steps[state.at + 1]]) {
          if (undone !== undefined) {
            state.done.delete(undone.id);
          }
        }
        tell();
      }
      break;
    case 'wrong':
      tell();
      wrong(run, state, ms, event);
      break;
    case 'climate':
      state.climate.push({
        ms,
        temperatureC: event.body.temperatureC ?? run.climate.temperatureC,
        humidityPercent: event.body.humidityPercent ?? run.climate.humidityPercent,
        airMPerS: event.body.airMPerS ?? run.climate.airMPerS,
      });
      break;
    case 'pause':
      state.pausedMs ??= ms;
      tell();
      break;
    case 'resume':
      state.pausedMs = null;
      tell();
      break;
    case 'note':
    case 'amount':
      tell();
      break;
  }
}

function finish(state: Replayed, step: RunStep, ms: number, event: RunEvent, tell: () => void): void {
  const answer = event.body.answer ?? '';
  // The first of its answers lets a question's step be over; the core says which there are.
  const passes = step.answers[0];
  const before = entry(state, step);
  if (passes !== undefined && answer !== passes) {
    // A question answered the other way is kept, and the step stays on.
    state.done.set(step.id, { ...before, answer });
    tell();
    return;
  }
  state.begunMs ??= ms;
  state.done.set(step.id, { ...before, begunMs: before.begunMs ?? ms, doneMs: ms, by: event.by, answer });
  state.pausedMs = null;
  state.at++;
}

function wrong(run: RunPlan, state: Replayed, ms: number, event: RunEvent): void {
  const template = run.remedies[event.body.defect ?? '']?.[event.body.remedy ?? ''] ?? [];
  const now = stepOf(state);
  if (template.length > 0 && now?.kind === 'coat' && entry(state, now).begunMs !== null) {
    // Stopped in the middle of a coat: what is on is on.
    state.done.set(now.id, { ...entry(state, now), doneMs: ms, answer: 'stopped' });
    state.at++;
  }
  const last = state.steps.slice(0, state.at).findLast((step) => step.kind === 'coat');
  const put: RunStep[] = [];
  template.forEach((step, n) => {
    const id = `${event.key}-${n}`;
    if (step.repeats !== true) {
      put.push({ ...step, id });
    } else if (last !== undefined) {
      const waits = put.length === 0;
      put.push({
        ...last,
        id,
        again: true,
        says: [...(step.says ?? []), ...(last.says ?? [])],
        waitMin: waits ? last.waitMin : null,
        movement: waits ? last.movement : null,
      });
    }
  });
  state.steps.splice(state.at, 0, ...put);
}
