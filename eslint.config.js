import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';
import phrases from './scripts/no-text.mjs';
import house from './scripts/storeys.mjs';

export default ts.config(
  {
    ignores: [
      'build/',
      'public/',
      'node_modules/',
      '.react-router/',
      '.tmp/',
      'data/packs/',
      'coverage/',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [ts.configs.strict],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      // The models and the lexicon are classes with decorators and no methods.
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      // A field is left out by naming it beside the rest.
      '@typescript-eslint/no-unused-vars': [
        'error',
        { ignoreRestSiblings: true, argsIgnorePattern: '^_' },
      ],
      eqeqeq: 'error',
      'max-lines': ['error', { max: 450, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['app/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    rules: {
      ...jsxA11y.flatConfigs.recommended.rules,
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      // Routes throw Responses, as React Router asks.
      '@typescript-eslint/only-throw-error': 'off',
    },
  },
  {
    // What the learner's player takes in speaks the learner's language, by core/learner-phrases.
    files: ['app/**/*.tsx'],
    ignores: ['app/faces/**'],
    plugins: { phrases },
    rules: { 'phrases/text': 'error' },
  },
  {
    // The core is pure: no interface, no storage, no network, no Node.
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/testing/**'],
    plugins: { house },
    rules: {
      'house/storeys': 'error',
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                'react',
                'react-*',
                'react/*',
                '@react-router/*',
                'dexie',
                'comlink',
                'playwright*',
                'node:*',
                'fs',
                'path',
                '~/*',
                '**/app/**',
                '**/server/**',
              ],
              message: 'core/ is computation only: no interface, storage, network or Node.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        ...[
          'window',
          'document',
          'navigator',
          'localStorage',
          'sessionStorage',
          'indexedDB',
          'fetch',
          'process',
          'Buffer',
          'Worker',
          'self',
        ].map((name) => ({ name, message: 'core/ knows neither the browser nor Node.' })),
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/app/**', '~/*'], message: 'server/ knows only core.' }] },
      ],
    },
  },
  {
    files: ['**/*.{js,mjs}'],
    languageOptions: { globals: globals.node },
  },
);
