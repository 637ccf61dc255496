/** Whole lines of a stream, as they come; what is cut off at the end is given too. */
export async function* lines(stream: ReadableStream<Uint8Array>): AsyncGenerator<string> {
  const reader = stream.getReader();
  const decoder = new TextDecoder();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    rest += done ? decoder.decode() : decoder.decode(value, { stream: true });
    const parts = rest.split('\n');
    rest = parts.pop() ?? '';
    yield* parts.filter((part) => part !== '');
    if (done) {
      if (rest !== '') {
        yield rest;
      }
      return;
    }
  }
}
