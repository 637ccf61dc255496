import { useSyncExternalStore } from 'react';

const KEY = 'kalopsis.single-keys';
const listeners = new Set<() => void>();

/** Single letters and digits do something on this device (WCAG 2.2, 2.1.4: they can be switched off). */
export function singleKeys(): boolean {
  try {
    return localStorage.getItem(KEY) !== 'off';
  } catch {
    return true;
  }
}

export function setSingleKeys(on: boolean): void {
  try {
    localStorage.setItem(KEY, on ? 'on' : 'off');
  } catch {
    // A forbidden store only forgets the choice.
  }
  listeners.forEach((tell) => tell());
}

export const useSingleKeys = (): boolean =>
  useSyncExternalStore((tell) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  }, singleKeys);

export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target;
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
      target.getAttribute('role') === 'combobox')
  );
}
