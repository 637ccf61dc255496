import type { JobDocument } from '../api/types';

/** An edit that the server has not taken yet. It outlives a reload, a crash and a night without network. */
export interface Draft {
  document: JobDocument;
  change: string;
  onVersion: number;
}

const key = (jobId: string): string => `kalopsis.draft.${jobId}`;

export function loadDraft(jobId: string): Draft | null {
  try {
    const text = localStorage.getItem(key(jobId));
    return text === null ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
}

export function keepDraft(jobId: string, draft: Draft | null): void {
  try {
    if (draft === null) {
      localStorage.removeItem(key(jobId));
    } else {
      localStorage.setItem(key(jobId), JSON.stringify(draft));
    }
  } catch {
    // A full or forbidden store loses only the safety net; the edit itself is still on screen and being saved.
  }
}
