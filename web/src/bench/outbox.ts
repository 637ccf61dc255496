import type { FieldFault } from '../api/types';
import type { Draft } from './drafts';

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'offline' }
  | { kind: 'refused'; faults: readonly FieldFault[]; words: string }
  | { kind: 'stale'; words: string };

/** Edits on their way to the server, oldest first, and what became of the last one. Pure: the hook around it sends. */
export interface Outbox {
  save: SaveState;
  /** Not taken by the server yet. */
  queue: readonly Draft[];
  /** What is on screen instead of what the server has; also after it was refused. */
  draft: Draft | null;
}

export type OutboxEvent =
  | { type: 'edited'; draft: Draft }
  | { type: 'taken' }
  | { type: 'unreachable' }
  | { type: 'refused'; faults: readonly FieldFault[]; words: string }
  | { type: 'overtaken'; words: string }
  /** An edit of another day that the job has gone past. */
  | { type: 'found'; draft: Draft; words: string }
  | { type: 'stepping' }
  | { type: 'stepped' }
  | { type: 'dropped' };

export const EMPTY: Outbox = { save: { kind: 'saved' }, queue: [], draft: null };

export function outbox(state: Outbox, event: OutboxEvent): Outbox {
  switch (event.type) {
    case 'edited':
      return { save: { kind: 'saving' }, queue: [...state.queue, event.draft], draft: event.draft };
    case 'taken': {
      const queue = state.queue.slice(1);
      return queue.length === 0 ? EMPTY : { ...state, queue };
    }
    case 'unreachable':
      // Nothing on its way: only a step back or forward failed, and nothing of anybody's is lost.
      return state.queue.length === 0 ? { ...state, save: { kind: 'saved' } } : { ...state, save: { kind: 'offline' } };
    case 'refused':
      // What came after was built on it and would be refused for the same reason.
      return { ...state, save: { kind: 'refused', faults: event.faults, words: event.words }, queue: [] };
    case 'overtaken':
      return { ...state, save: { kind: 'stale', words: event.words }, queue: [] };
    case 'found':
      return { save: { kind: 'stale', words: event.words }, queue: [], draft: event.draft };
    case 'stepping':
      return { ...state, save: { kind: 'saving' } };
    case 'stepped':
      return state.queue.length === 0 && state.draft === null ? EMPTY : state;
    case 'dropped':
      return EMPTY;
  }
}

/** What undo means now: take back what the server refused, never a good step before it; wait while something is on its way. */
export function undoMeans(state: Outbox): 'drop' | 'step' | 'wait' {
  if (state.save.kind === 'refused') {
    return 'drop';
  }
  return state.queue.length > 0 || state.save.kind === 'saving' || state.save.kind === 'stale' ? 'wait' : 'step';
}

/** Redo has nothing to do while an edit is refused, overtaken or on its way. */
export const redoMeans = (state: Outbox): 'step' | 'wait' => (undoMeans(state) === 'step' ? 'step' : 'wait');
