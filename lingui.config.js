import { extractor as babel } from '@lingui/cli/api';
import { defineConfig } from '@lingui/conf';
import { formatter } from '@lingui/format-po';
import { coreMessages } from './web/locales/coreMessages.js';

/** English is what the source says; `pseudo` is English with every letter marked, to find text outside the catalogue. */
export default defineConfig({
  sourceLocale: 'en',
  locales: ['en', 'pseudo'],
  pseudoLocale: 'pseudo',
  fallbackLocales: { pseudo: 'en' },
  catalogs: [
    {
      path: '<rootDir>/web/locales/{locale}',
      include: ['<rootDir>/web/src', '<rootDir>/core/src', '<rootDir>/app', '<rootDir>/data'],
      // tell.ts asks for what the core says: nothing of its own.
      exclude: ['**/*.test.*', '**/*.generated.ts', '**/language/tell.ts'],
    },
  ],
  extractors: [babel, coreMessages],
  format: formatter({ lineNumbers: false, origins: true }),
});
