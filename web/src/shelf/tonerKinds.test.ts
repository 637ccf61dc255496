import { describe, expect, it } from 'vitest';
import { pasted } from './tonerKinds';

const row = (with_: string, one: string) => Array.from({ length: 31 }, () => one).join(with_);

describe('readings that are pasted', () => {
  it.each([
    ['tabs', row('\t', '0.25')],
    ['commas between', row(',', '0.25')],
    ['decimal commas', row(';', '0,25')],
    ['per cent', row(' ', '25')],
  ])('takes 31 numbers with %s', (_, text) => {
    expect(pasted(text)).toEqual(Array.from({ length: 31 }, () => 0.25));
  });

  it.each(['', '0.2 0.3', row(' ', 'x'), `${row(' ', '0.2')} 0.3`])('refuses %j', (text) => {
    expect(pasted(text)).toBeNull();
  });
});
