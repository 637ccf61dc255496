import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { JobPlan, Phrase } from '../api/types';
import { shown } from '../kit/shown';
import { Meaning } from './Meaning';

const says = (text: string): Phrase => ({ text, values: {}, plain: text });

const PLAN = {
  verdict: says('Needs 220 mm, has 254 mm.'),
  severity: 'note',
  warnings: [
    { code: 'gap', severity: 'note', says: says('Mask the gap.') },
    { code: 'same', severity: 'note', says: says('Needs 220 mm, has 254 mm.') },
  ],
  cautions: [
    { id: 'a', where: 'coat:base-1', title: 'Solvent vapour', says: 'Keep away sparks.' },
    { id: 'a', where: 'coat:base-2', title: 'Solvent vapour', says: 'Keep away sparks.' },
    { id: 'b', where: 'booth', title: 'Lamps', says: 'Shield.' },
  ],
  always: 'A planning aid.',
} as unknown as JobPlan;

function meaning(wide: boolean) {
  vi.stubGlobal('matchMedia', (query: string) => ({
    matches: wide,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }));
  shown(<Meaning plan={PLAN} where={(at) => at.startsWith('coat:')} glance={says('Nobody sees it.')} />);
}

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('what it means', () => {
  it('stands beside the map where there is room, each caution once and only those of the station', () => {
    meaning(true);
    expect(screen.getByTestId('verdict').textContent).toContain('Needs 220 mm');
    expect(screen.getAllByText('Solvent vapour.')).toHaveLength(1);
    expect(screen.queryByText('Lamps.')).toBeNull();
    expect(screen.queryByTestId('verdict-bar')).toBeNull();
  });

  it('does not say the verdict again among what to look out for', () => {
    meaning(true);
    expect(screen.getAllByText('Needs 220 mm, has 254 mm.')).toHaveLength(1);
    expect(screen.getByText('Mask the gap.')).toBeTruthy();
  });

  it('is a bar with the verdict where there is none, and opens', () => {
    meaning(false);
    const bar = screen.getByTestId('verdict-bar');
    expect(bar.textContent).toContain('Needs 220 mm');
    expect(bar.textContent).toContain('Nobody sees it.');
    expect(screen.queryByText('Mask the gap.')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /What it means/ }));
    expect(screen.getByText('Mask the gap.')).toBeTruthy();
    expect(screen.getByRole('button', { expanded: true })).toBeTruthy();
  });
});
