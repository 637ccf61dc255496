import { t } from '@lingui/core/macro';
export const STATIONS = [
  { id: 'car', key: '1', name: t`Car` },
  { id: 'colour', key: '2', name: t`Colour` },
  { id: 'blend', key: '3', name: t`Blend` },
  { id: 'cups', key: '4', name: t`Cups` },
  { id: 'booth', key: '5', name: t`Booth` },
  { id: 'look-back', key: '6', name: t`Look-back` },
] as const;

export type StationId = (typeof STATIONS)[number]['id'];

export const isStation = (id: string | undefined): id is StationId => STATIONS.some((s) => s.id === id);
