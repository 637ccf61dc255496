import type { Phrase, Quantity } from '../api/types';
import { useUnits } from './preferences';
import { formatQuantity, phraseText } from './units';

export function Words({ phrase }: { phrase: Phrase }) {
  return <>{phraseText(phrase, useUnits())}</>;
}

export function Measure({ of }: { of: Quantity }) {
  return <span style={{ whiteSpace: 'nowrap' }}>{formatQuantity(of, useUnits())}</span>;
}
