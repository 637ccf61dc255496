import { afterEach, expect, it, vi } from 'vitest';
import type { JobDocument } from '../api/types';
import { keepDraft, loadDraft } from './drafts';

const draft = {
  document: { car: { label: 'Quill 3', bodyShape: 'quill-3' } } as JobDocument,
  change: 'Spot on Roof',
  onVersion: 4,
};

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
});

it('keeps an edit for each job until it is let go', () => {
  keepDraft('a', draft);
  keepDraft('b', { ...draft, onVersion: 9 });
  expect(loadDraft('a')).toEqual(draft);
  expect(loadDraft('b')?.onVersion).toBe(9);
  keepDraft('a', null);
  expect(loadDraft('a')).toBeNull();
  expect(loadDraft('b')).not.toBeNull();
});

it('survives a store that is full, forbidden or spoilt', () => {
  localStorage.setItem('kalopsis.draft.a', '{not json');
  expect(loadDraft('a')).toBeNull();
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(() => keepDraft('a', draft)).not.toThrow();
});
