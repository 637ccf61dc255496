import { i18n, type Messages } from '@lingui/core';
import { compileMessage } from '@lingui/message-utils/compileMessage';

const KEY = 'kalopsis.language';

/**
 * Catalogues beside the source's own English, which needs none: every text carries its English. `pseudo` is English with every
 * letter marked: what stays plain on a page is outside the catalogue.
 */
const LANGUAGES: Partial<Record<string, () => Promise<{ messages: Messages }>>> = {
  pseudo: () => import('../../locales/pseudo.po'),
};

/** Each text is taken apart once, however often it is said. */
function compiledOnce(): typeof compileMessage {
  const known = new Map<string, ReturnType<typeof compileMessage>>();
  return (message) => {
    const before = known.get(message);
    if (before !== undefined) {
      return before;
    }
    const compiled = compileMessage(message);
    known.set(message, compiled);
    return compiled;
  };
}

function chosen(): string {
  try {
    return localStorage.getItem(KEY) ?? 'en';
  } catch {
    return 'en';
  }
}

/** Makes the page's language ready. Modules that speak while they are loaded must be loaded after it. */
export async function speak(): Promise<void> {
  const wished = chosen();
  const load = LANGUAGES[wished];
  i18n.setMessagesCompiler(compiledOnce());
  const language = load === undefined ? 'en' : wished;
  i18n.load(language, load === undefined ? {} : (await load()).messages);
  i18n.activate(language, 'en');
}
