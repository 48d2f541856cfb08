import js from '@eslint/js';
import globals from 'globals';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/**', '**/dist-types/**', '**/node_modules/**', '/data/**', '**/test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'off',
      // A field is left out by naming it beside the rest.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'window', message: 'The core has no interface.' },
        { name: 'document', message: 'The core has no interface.' },
        { name: 'process', message: 'The core does not know Node.' },
        { name: 'performance', message: 'Pass the clock in.' },
        { name: 'Date', message: 'Pass the clock in.' },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass the random source in.' },
      ],
    },
  },
  { files: ['core/src/**/*.test.ts', 'core/truth/**/*.ts'], rules: { 'no-restricted-globals': 'off' } },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs['recommended-latest'].rules },
  },
  {
    files: ['scripts/**', 'server/**', 'e2e/**', 'core/bench/**', '*.mjs'],
    languageOptions: { globals: globals.node },
    rules: { 'no-console': 'off' },
  },
  prettier,
);
