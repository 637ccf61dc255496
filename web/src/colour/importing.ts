import { t } from '@lingui/core/macro';
import { api, ApiProblem, unwrap } from '../api/client';
import type { ReadingImport } from '../api/types';
import { completeLines } from './numbers';

/** Sends a file to be looked through; nothing is taken yet. */
export function bringIn(job: string, file: File): Promise<ReadingImport> {
  return unwrap(
    api.POST('/api/jobs/{job}/colour/imports', {
      params: { path: { job }, query: { name: file.name.slice(0, 120) } },
      body: file as unknown as string,
      bodySerializer: (body) => body as unknown as Blob,
      headers: { 'Content-Type': 'application/octet-stream' },
    }),
  );
}

interface Step {
  done?: number;
  of?: number;
  title?: string;
  detail?: string;
}

/**
 * Takes what was looked through, telling how far it is. Null when all went in; otherwise the sentence that says why
 * nothing did.
 */
export async function takeIn(
  job: string,
  id: string,
  as: Record<string, string>,
  instrument: string,
  onProgress: (share: number) => void,
): Promise<string | null> {
  try {
    const { data, response } = await api.POST('/api/jobs/{job}/colour/imports/{import}/take', {
      params: { path: { job, import: id } },
      body: { as, instrument },
      parseAs: 'stream',
    });
    if (!response.ok || data == null) {
      return t`Nothing was taken. Try again.`;
    }
    const reader = (data as ReadableStream<Uint8Array>).getReader();
    const decoder = new TextDecoder();
    let rest = '';
    for (let chunk = await reader.read(); !chunk.done; chunk = await reader.read()) {
      const parsed = completeLines(rest + decoder.decode(chunk.value, { stream: true }));
      rest = parsed.rest;
      for (const step of parsed.lines as Step[]) {
        if (step.title !== undefined) {
          return `${step.title} ${step.detail ?? ''}`;
        }
        onProgress((step.done ?? 0) / Math.max(1, step.of ?? 1));
      }
    }
    return null;
  } catch (error) {
    return error instanceof ApiProblem ? error.message : t`Nothing was taken. Try again.`;
  }
}
