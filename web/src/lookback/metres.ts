import type { UnitSystem } from '../api/types';

const MM_PER_FOOT = 304.8;

/** How far somebody stands off, as it is said: nobody measures it. */
export const metres = (m: number, units: UnitSystem): string =>
  units === 'us' ? `${Math.round((m * 1000) / MM_PER_FOOT)} ft` : `${m} m`;
