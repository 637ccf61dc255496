import { describe, expect, it } from 'vitest';
import { lines } from './lines';

const stream = (...parts: string[]) =>
  new ReadableStream<Uint8Array>({
    start(controller) {
      const encoder = new TextEncoder();
      parts.forEach((part) => controller.enqueue(encoder.encode(part)));
      controller.close();
    },
  });

async function all(...parts: string[]): Promise<string[]> {
  const out: string[] = [];
  for await (const line of lines(stream(...parts))) {
    out.push(line);
  }
  return out;
}

describe('lines of a stream', () => {
  it('gives each line once, wherever the network cut it', async () => {
    expect(await all('{"a":1}\n{"b"', ':2}\n', '{"c":3}\n')).toEqual(['{"a":1}', '{"b":2}', '{"c":3}']);
  });

  it('gives what stands at the end without a line feed', async () => {
    expect(await all('one\ntwo')).toEqual(['one', 'two']);
  });

  it('puts a letter together that was cut in two', async () => {
    const bytes = new TextEncoder().encode('°C\n');
    const cut = new ReadableStream<Uint8Array>({
      start(controller) {
        controller.enqueue(bytes.slice(0, 1));
        controller.enqueue(bytes.slice(1));
        controller.close();
      },
    });
    const out: string[] = [];
    for await (const line of lines(cut)) {
      out.push(line);
    }
    expect(out).toEqual(['°C']);
  });

  it('gives nothing for nothing', async () => {
    expect(await all()).toEqual([]);
    expect(await all('\n\n')).toEqual([]);
  });
});
