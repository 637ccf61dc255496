import { i18n } from '@lingui/core';

/** A sentence or term of the core, by its English text. */
export function tell(text: string, values?: Record<string, unknown>): string {
  return text === '' ? '' : i18n._({ id: text, message: text, ...(values === undefined ? {} : { values }) });
}
