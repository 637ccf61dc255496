import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Rooms of web/src from the ground up: one may use what lies below it, never what stands beside or above. */
const LEVELS = [
  ['language'],
  ['api'],
  ['theme'],
  ['kit'],
  ['map'],
  ['bench', 'walk'],
  [
    'blend', 'booth', 'calibration', 'car', 'colour', 'cups', 'login', 'logbook', 'lookback', 'mixing', 'people', 'practice', 'run', 'second-opinion', 'sheet', 'shelf', 'shell', 'today',
  ],
  ['job'],
];
const arrowsPointDown = LEVELS.flatMap((rooms, level) =>
  rooms.map((room) => ({
    files: [`web/src/${room}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: LEVELS.slice(level)
            .flat()
            .filter((other) => other !== room)
            .map((other) => ({
              group: [`**/${other}/*`, `**/${other}`],
              message: `${room} stands below or beside ${other}: it does not use it.`,
            })),
        },
      ],
    },
  })),
);

export default tseslint.config(
  { ignores: ['**/*.generated.ts', 'public', 'vendor', 'node_modules', 'var'] },
  ...tseslint.configs.strictTypeChecked,
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { project: ['web/tsconfig.json', 'e2e/tsconfig.json'], tsconfigRootDir: import.meta.dirname } },
    plugins: { 'react-hooks': hooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      'no-restricted-syntax': ['error', { selector: 'ExportAllDeclaration', message: 'Name what a folder exports.' }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
  ...arrowsPointDown,
  { files: ['**/*.js', '**/*.mjs'], extends: [tseslint.configs.disableTypeChecked] },
);
