import type { CalibrationState, Shelf } from '../api/types';
import { typedNumber } from '../kit/typed';
import type { TestBody } from './useCalibration';

/** What every form of a test is given: the shelf to choose from, the fault at a field, and where to send what was typed. */
export interface FormProps {
  shelf: Shelf;
  state: CalibrationState;
  busy: boolean;
  fault: (field: string) => string | undefined;
  onTake: (body: TestBody) => void;
}

/** What was typed, as a number or as nothing: the core says at the field what it misses. */
export const num = (typed: string): number | null => typedNumber(typed);

export const filled = (typed: string): boolean => typed.trim() !== '';

export const systems = (shelf: Shelf): { key: string; name: string }[] =>
  shelf.paintSystems.map((s) => ({ key: s.key, name: s.name }));
