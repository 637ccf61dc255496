import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, ApiProblem, unwrap } from './client';

const answer = (status: number, body: unknown, type = 'application/json') =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': type } });

let calls: Request[] = [];

function server(reply: (request: Request) => Response | Promise<Response>): void {
  vi.stubGlobal('fetch', async (input: Request | string) => {
    const request = typeof input === 'string' ? new Request(new URL(input, 'http://shop.test')) : input;
    calls.push(request);
    return await reply(request);
  });
}

beforeEach(() => {
  calls = [];
  document.cookie = 'XSRF-TOKEN=a%2Fb; path=/';
});

afterEach(() => {
  vi.unstubAllGlobals();
});

describe('asking the server', () => {
  it('gives the data of a good answer', async () => {
    server(() => answer(200, { name: 'Ines' }));
    expect(await unwrap(Promise.resolve({ data: { name: 'Ines' }, response: answer(200, {}) }))).toEqual({
      name: 'Ines',
    });
  });

  it('takes a door with nobody behind it for no network: what was typed waits', async () => {
    const away = { type: 'about:blank#away', title: 'The shop computer does not answer.', status: 503, code: 'away' };
    const failed = unwrap(Promise.resolve({ error: away, response: answer(503, away, 'application/problem+json') }));
    await expect(failed).rejects.toMatchObject({ isOffline: true, message: away.title });
    const refused = { ...away, status: 422, code: 'invalid' };
    await expect(unwrap(Promise.resolve({ error: refused, response: answer(422, refused) }))).rejects.toMatchObject({
      isOffline: false,
    });
  });

  it('throws what went wrong with its code and its fields', async () => {
    const problem = {
      type: 'about:blank#invalid',
      title: 'Something needs another look.',
      status: 422,
      code: 'invalid',
      errors: [{ field: 'booth.temperatureC', code: 'out-of-range', detail: 'Too hot.' }],
    };
    const failed = unwrap(Promise.resolve({ error: problem, response: answer(422, problem) }));
    await expect(failed).rejects.toMatchObject({
      status: 422,
      code: 'invalid',
      message: 'Something needs another look.',
      problem,
    });
    await expect(failed).rejects.toBeInstanceOf(ApiProblem);
  });

  it('throws something useful for an answer that is no problem details', async () => {
    await expect(unwrap(Promise.resolve({ error: '<html>', response: answer(502, {}) }))).rejects.toMatchObject({
      status: 502,
      code: 'refused',
      problem: null,
    });
  });

  it('says offline when nobody answers', async () => {
    server(() => Promise.reject(new TypeError('Failed to fetch')));
    await expect(unwrap(api.GET('/api/me'))).rejects.toMatchObject({ status: 0, code: 'offline', isOffline: true });
  });

  it('asks once more when the answer of a post is lost, under the same key', async () => {
    let lost = true;
    server(() => {
      if (lost) {
        lost = false;
        return Promise.reject(new TypeError('Failed to fetch'));
      }
      return answer(201, {});
    });
    await unwrap(api.POST('/api/day/best', { body: {} as never }));
    expect(calls).toHaveLength(2);
    const key = calls[0]?.headers.get('Idempotency-Key');
    expect(key).toMatch(/^[0-9a-f-]{36}$/);
    expect(calls[1]?.headers.get('Idempotency-Key')).toBe(key);
    await unwrap(api.POST('/api/day/best', { body: {} as never }));
    expect(calls[2]?.headers.get('Idempotency-Key')).not.toBe(key);
  });

  it('sends the token of the session with every change, and not with a look', async () => {
    server(() => answer(200, {}));
    await api.GET('/api/me');
    await api.PATCH('/api/me', { body: { units: 'us' } });
    expect(calls[0]?.headers.get('X-XSRF-TOKEN')).toBeNull();
    expect(calls[1]?.headers.get('X-XSRF-TOKEN')).toBe('a/b');
    expect(calls[1]?.headers.get('Accept')).toBe('application/json');
  });
});
