import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import importSort from 'eslint-plugin-simple-import-sort';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const message = 'Take the time from server/clock.ts or web/state/clock.ts.';
const clockReads = [
  { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message },
  { selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']", message },
];

export default tseslint.config(
  { ignores: ['dist/', 'node_modules/', 'data/', 'coverage/', 'test-results/'] },
  js.configs.recommended,
  {
    plugins: { 'simple-import-sort': importSort },
    rules: {
      // One block: set-up that runs first, packages, then our own files from far to near.
      'simple-import-sort/imports': ['error', { groups: [['^\\u0000', '^node:', '^@?\\w', '^\\.\\.', '^\\.']] }],
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/dot-notation': ['error', { allowIndexSignaturePropertyAccess: true }],
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidOperator: true },
      ],
      '@typescript-eslint/no-meaningless-void-operator': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  // One clock on each side, so that tests and screenshots can set the time.
  {
    files: ['{core,solver,contract,server,web}/**/*.{ts,tsx}'],
    ignores: ['server/clock.ts', 'web/state/clock.ts', '**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...clockReads] },
  },
  { files: ['web/**/*.{ts,tsx}'], ...reactHooks.configs.flat.recommended },
  {
    files: ['web/**/*.tsx'],
    ...jsxA11y.flatConfigs.recommended,
    rules: {
      ...jsxA11y.flatConfigs.recommended.rules,
      // A page opens with the cursor where typing begins.
      'jsx-a11y/no-autofocus': 'off',
      // A table laid out as a grid loses its roles in some browsers, so they are written out.
      'jsx-a11y/no-interactive-element-to-noninteractive-role': [
        'error',
        { tr: ['row', 'presentation'], td: ['cell', 'presentation'] },
      ],
      'jsx-a11y/no-redundant-roles': ['error', { tbody: ['rowgroup'] }],
      // Keys of a row reach it from the fields inside.
      'jsx-a11y/no-noninteractive-element-interactions': [
        'error',
        { handlers: ['onClick', 'onKeyDown', 'onKeyUp'], tbody: ['onKeyDown'] },
      ],
      // A region that scrolls takes the focus, so that the keyboard can scroll it.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: ['aside'], roles: ['tabpanel'] }],
      'jsx-a11y/label-has-associated-control': [
        'error',
        { controlComponents: ['Field', 'Choice', 'DateField'], depth: 4 },
      ],
    },
  },
  // Playwright reads a fixture's needs from its pattern, also when it needs nothing.
  { files: ['e2e/**/*.ts'], rules: { 'no-empty-pattern': 'off' } },
  // A test that reaches past what is there fails then and there.
  { files: ['**/*.test.ts'], rules: { '@typescript-eslint/no-non-null-assertion': 'off' } },
  { files: ['**/*.mjs'], languageOptions: { globals: globals.node } },
  { files: ['web/public/*.js'], languageOptions: { globals: globals.browser } },
  prettier,
);
