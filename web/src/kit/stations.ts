export const STATIONS = [
  { id: 'car', key: '1', name: 'Car' },
  { id: 'colour', key: '2', name: 'Colour' },
  { id: 'blend', key: '3', name: 'Blend' },
  { id: 'cups', key: '4', name: 'Cups' },
  { id: 'booth', key: '5', name: 'Booth' },
  { id: 'look-back', key: '6', name: 'Look-back' },
] as const;

export type StationId = (typeof STATIONS)[number]['id'];

export const isStation = (id: string | undefined): id is StationId => STATIONS.some((s) => s.id === id);
