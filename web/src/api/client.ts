import createClient from 'openapi-fetch';
import { waitedForWhile } from './behind';
import type { paths } from './schema.generated';
import type { ProblemDetails } from './types';

/** What came back instead of an answer. `offline` is no answer at all. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly problem: ProblemDetails | null,
  ) {
    super(problem?.title ?? 'The shop computer does not answer.');
    this.name = 'ApiProblem';
  }

  /** Nobody was there to answer: no network, or a door with nobody behind it. */
  get isOffline(): boolean {
    return this.status === 0 || this.code === 'away';
  }
}

function cookie(name: string): string | undefined {
  const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`));
  return found === undefined ? undefined : decodeURIComponent(found.slice(name.length + 1));
}

async function withToken(input: Request): Promise<Response> {
  if (input.method !== 'GET') {
    if (cookie('XSRF-TOKEN') === undefined) {
      await fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });
    }
    input.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN') ?? '');
  }
  input.headers.set('Accept', 'application/json');
  if (input.method === 'POST') {
    // However often it arrives, it is done once.
    input.headers.set('Idempotency-Key', crypto.randomUUID());
  }
  const send = () => {
    const copy = input.clone();
    return copy.headers.has('Priority') ? fetch(copy) : waitedForWhile(() => fetch(copy));
  };
  try {
    return await (input.method === 'POST' ? again(send) : send());
  } catch (error) {
    if (isAbort(error)) {
      throw error;
    }
    throw new ApiProblem(0, 'offline', null);
  }
}

const isAbort = (error: unknown): boolean => error instanceof DOMException && error.name === 'AbortError';

/** An answer may be lost on its way back: asked once more, under the same key, it is the same answer. */
async function again(send: () => Promise<Response>): Promise<Response> {
  try {
    return await send();
  } catch (error) {
    if (isAbort(error)) {
      throw error;
    }
    return send();
  }
}

export const api = createClient<paths>({
  baseUrl: window.location.origin,
  credentials: 'same-origin',
  fetch: withToken,
});

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The answer's data, or an ApiProblem thrown. */
export async function unwrap<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer;
  if (response.ok) {
    return data as T;
  }
  const problem = typeof error === 'object' && error !== null && 'title' in error ? (error as ProblemDetails) : null;
  throw new ApiProblem(response.status, problem?.code ?? 'refused', problem);
}
