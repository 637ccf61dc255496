import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { UnitSystem } from '../api/types';
import { QuantityField } from './QuantityField';
import { shown } from './shown';

afterEach(cleanup);

function field(units: UnitSystem, error?: string) {
  const commit = vi.fn();
  shown(<QuantityField label="Radius" value={100} unit="mm" error={error} onCommit={commit} />, units);
  const input = screen.getByLabelText<HTMLInputElement>('Radius');
  const type = (text: string) => fireEvent.change(input, { target: { value: text } });
  return { commit, input, type };
}

describe('a field for a measure', () => {
  it('commits on Enter and on leaving, in the base unit, once', () => {
    const { commit, input, type } = field('us');
    type('2 1/2');
    fireEvent.keyDown(input, { key: 'Enter' });
    expect(commit).toHaveBeenLastCalledWith(63.5);
    type('80 mm');
    fireEvent.blur(input);
    expect(commit).toHaveBeenLastCalledWith(80);
    fireEvent.blur(input);
    expect(commit).toHaveBeenCalledTimes(2);
  });

  it('takes back what was typed on Escape', () => {
    const { commit, input, type } = field('metric');
    type('140');
    fireEvent.keyDown(input, { key: 'Escape' });
    fireEvent.blur(input);
    expect(commit).not.toHaveBeenCalled();
    expect(input.value).toBe('100');
  });

  it('says how to type it and loses nothing when it cannot be read', () => {
    const { commit, input, type } = field('metric');
    type('as wide as a hand');
    fireEvent.keyDown(input, { key: 'Enter' });
    expect(commit).not.toHaveBeenCalled();
    expect(input.value).toBe('as wide as a hand');
    expect(screen.getByText('Type a number, like 50 mm.')).toBeTruthy();
  });

  it('shows what the server refused', () => {
    field('metric', 'The radius must be between 5 mm and 2500 mm.');
    expect(screen.getByText(/must be between/)).toBeTruthy();
  });
});
