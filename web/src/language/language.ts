import { i18n, type Messages } from '@lingui/core';
import { compileMessage } from '@lingui/message-utils/compileMessage';

const KEY = 'kalopsis.language';

const english = () => import('../../locales/en.po');

/** `pseudo` is English with every letter marked: what stays plain on a page is outside the catalogue. */
const LANGUAGES: Partial<Record<string, () => Promise<{ messages: Messages }>>> = {
  en: english,
  pseudo: () => import('../../locales/pseudo.po'),
};

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
  const language = wished in LANGUAGES ? wished : 'en';
  // A message that is not in the catalogue yet is still a sentence: the source says it in English.
  i18n.setMessagesCompiler(compileMessage);
  const { messages } = await (LANGUAGES[language] ?? english)();
  i18n.load(language, messages);
  i18n.activate(language, 'en');
}
