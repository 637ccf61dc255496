import { i18n } from '@lingui/core';
import { I18nProvider } from '@lingui/react';
import { ThemeProvider } from '@mui/material';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { JobPlan, Me, Phrase } from '../api/types';
import { PreferencesContext } from '../kit/preferences';
import { kalopsisTheme } from '../theme/theme';
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

const SETTERS = { setUnits: () => undefined, setTheme: () => undefined, setWeights: () => undefined };

function shown(wide: boolean) {
  vi.stubGlobal('matchMedia', (query: string) => ({
    matches: wide,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }));
  const me = { name: 'Bram', units: 'metric', theme: 'light' } as Me;
  render(
    <I18nProvider i18n={i18n}>
      <PreferencesContext value={{ me, units: 'metric', theme: 'light', weights: 'g', ...SETTERS }}>
        <ThemeProvider theme={kalopsisTheme('light')}>
          <Meaning plan={PLAN} where={(at) => at.startsWith('coat:')} glance={says('Nobody sees it.')} />
        </ThemeProvider>
      </PreferencesContext>
    </I18nProvider>,
  );
}

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('what it means', () => {
  it('stands beside the map where there is room, each caution once and only those of the station', () => {
    shown(true);
    expect(screen.getByTestId('verdict').textContent).toContain('Needs 220 mm');
    expect(screen.getAllByText('Solvent vapour.')).toHaveLength(1);
    expect(screen.queryByText('Lamps.')).toBeNull();
    expect(screen.queryByTestId('verdict-bar')).toBeNull();
  });

  it('does not say the verdict again among what to look out for', () => {
    shown(true);
    expect(screen.getAllByText('Needs 220 mm, has 254 mm.')).toHaveLength(1);
    expect(screen.getByText('Mask the gap.')).toBeTruthy();
  });

  it('is a bar with the verdict where there is none, and opens', () => {
    shown(false);
    const bar = screen.getByTestId('verdict-bar');
    expect(bar.textContent).toContain('Needs 220 mm');
    expect(bar.textContent).toContain('Nobody sees it.');
    expect(screen.queryByText('Mask the gap.')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /What it means/ }));
    expect(screen.getByText('Mask the gap.')).toBeTruthy();
    expect(screen.getByRole('button', { expanded: true })).toBeTruthy();
  });
});
