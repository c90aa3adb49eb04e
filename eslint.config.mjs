import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
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
  // Playwright reads a fixture's needs from its pattern, also when it needs nothing.
  { files: ['e2e/**/*.ts'], rules: { 'no-empty-pattern': 'off' } },
  // A test that reaches past what is there fails then and there.
  { files: ['**/*.test.ts'], rules: { '@typescript-eslint/no-non-null-assertion': 'off' } },
  { files: ['**/*.mjs'], languageOptions: { globals: globals.node } },
  { files: ['web/public/*.js'], languageOptions: { globals: globals.browser } },
  prettier,
);
