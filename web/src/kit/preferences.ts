import { createContext, use } from 'react';
import type { Me, ThemeName, UnitSystem } from '../api/types';

export interface Preferences {
  me: Me;
  units: UnitSystem;
  theme: ThemeName;
  setUnits: (units: UnitSystem) => void;
  setTheme: (theme: ThemeName) => void;
}

export const PreferencesContext = createContext<Preferences | null>(null);

export function usePreferences(): Preferences {
  const preferences = use(PreferencesContext);
  if (preferences === null) {
    throw new Error('Used outside of the shell.');
  }
  return preferences;
}

export const useUnits = (): UnitSystem => usePreferences().units;
