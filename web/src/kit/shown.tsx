import { i18n } from '@lingui/core';
import { I18nProvider } from '@lingui/react';
import { ThemeProvider } from '@mui/material';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Me, UnitSystem, Weights } from '../api/types';
import { kalopsisTheme } from '../theme/theme';
import { PreferencesContext } from './preferences';

const SETTERS = { setUnits: () => undefined, setTheme: () => undefined, setWeights: () => undefined };

/** Renders as the application does: in a language, a theme and a reader's units. */
export function shown(page: ReactNode, units: UnitSystem = 'metric', weights: Weights = 'g') {
  const me = { name: 'Bram', units, theme: 'light' } as Me;
  return render(
    <I18nProvider i18n={i18n}>
      <PreferencesContext value={{ me, units, theme: 'light', weights, ...SETTERS }}>
        <ThemeProvider theme={kalopsisTheme('light')}>{page}</ThemeProvider>
      </PreferencesContext>
    </I18nProvider>,
  );
}
