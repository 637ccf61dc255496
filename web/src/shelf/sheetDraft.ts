import type { Sheet } from '../api/types';

interface Draft {
  /** what the shelf had when the typing began */
  edition: number;
  sheet: Sheet;
}

const name = (place: string): string => `kalopsis.sheet.${place}`;

/** What was typed and not kept: a slip of the hand on "back" loses nothing. */
export function remember(place: string, draft: Draft): void {
  try {
    sessionStorage.setItem(name(place), JSON.stringify(draft));
  } catch {
    // A full or forbidden store costs only the safety net.
  }
}

export function remembered(place: string): Draft | null {
  try {
    const text = sessionStorage.getItem(name(place));
    return text === null ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
}

export function forget(place: string): void {
  try {
    sessionStorage.removeItem(name(place));
  } catch {
    // Nothing was kept there either.
  }
}
