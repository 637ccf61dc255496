import { i18n } from '@lingui/core';

/** A sentence or term of the core, by its English text. What a shop has named itself is in no catalogue and stays. */
export function tell(text: string, values?: Record<string, unknown>): string {
  if (values === undefined && !(text in i18n.messages)) {
    return text;
  }
  return i18n._({ id: text, message: text, ...(values === undefined ? {} : { values }) });
}
