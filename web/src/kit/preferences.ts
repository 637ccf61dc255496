import { createContext, use } from 'react';
import type { Me, ThemeName, UnitSystem, Weights } from '../api/types';
import { formatGrams } from './units';

export interface Preferences {
  me: Me;
  units: UnitSystem;
  theme: ThemeName;
  setUnits: (units: UnitSystem) => void;
  setTheme: (theme: ThemeName) => void;
  weights: Weights;
  setWeights: (weights: Weights) => void;
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

/** Writes weights as the reader's scale shows them. */
export function useGrams(): (grams: number) => string {
  const { weights } = usePreferences();
  return (grams) => formatGrams(grams, weights);
}
