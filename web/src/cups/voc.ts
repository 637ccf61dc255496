import type { UnitSystem } from '../api/types';

/** One pound in a US gallon, g/l. Exact: 453.59237 / 3.785411784. */
const G_PER_L_IN_LB_PER_GAL = 453.59237 / 3.785411784;

/** Volatile organic compounds as each law writes them. */
export const formatVoc = (gPerL: number, units: UnitSystem): string =>
  units === 'us' ? `${(gPerL / G_PER_L_IN_LB_PER_GAL).toFixed(1)} lb/gal` : `${Math.round(gPerL)} g/l`;
