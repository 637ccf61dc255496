import { describe, expect, it } from 'vitest';
import { behind, waitedForWhile } from './behind';

const later = () => {
  let done: () => void = () => undefined;
  const wait = new Promise<void>((go) => (done = go));
  return { wait, done: () => done() };
};

describe('work behind what is asked', () => {
  it('goes one at a time', async () => {
    const [a, b] = [later(), later()];
    const order: string[] = [];
    const signal = new AbortController().signal;
    const one = behind(() => (order.push('one begins'), a.wait), signal);
    const two = behind(() => (order.push('two begins'), b.wait), signal);
    await Promise.resolve();
    a.done();
    await one;
    b.done();
    await two;
    expect(order).toEqual(['one begins', 'two begins']);
  });

  it('waits while somebody waits for something else', async () => {
    const asked = later();
    const order: string[] = [];
    const urgent = waitedForWhile(() => asked.wait.then(() => order.push('asked')));
    const queued = behind(() => Promise.resolve(order.push('behind')), new AbortController().signal);
    await Promise.resolve();
    expect(order).toEqual([]);
    asked.done();
    await Promise.all([urgent, queued]);
    expect(order).toEqual(['asked', 'behind']);
  });

  it('never begins what was given up', async () => {
    const first = later();
    const running = behind(() => first.wait, new AbortController().signal);
    const given = new AbortController();
    let began = false;
    const second = behind(() => Promise.resolve((began = true)), given.signal);
    given.abort();
    first.done();
    await running;
    await expect(second).rejects.toThrow();
    expect(began).toBe(false);
  });
});
