/** Lint rules; the direction in which imports go is in `scripts/import-order.mjs`. */
import { defineConfig, globalIgnores } from 'eslint/config';
import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypes from 'eslint-config-next/typescript';
import { importOrder } from './scripts/import-order.mjs';

const NOT_IN_CORE = ['react', 'react-*', 'next', 'next/**', 'styled-components', 'better-sqlite3', 'node:*'];

export default defineConfig([
  globalIgnores(['.next/**', 'dist/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**']),
  ...nextVitals,
  ...nextTypes,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
    },
  },
  // A screen is read at a glance: no ternary in a ternary.
  { files: ['**/*.tsx'], rules: { 'no-nested-ternary': 'error' } },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts'],
    plugins: { hausplan: { rules: { 'import-order': importOrder } } },
    rules: { 'hausplan/import-order': 'error' },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/kit/link.tsx', 'src/core/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { name: 'next/link', message: 'kit/link asks for nothing before it is followed.' },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: NOT_IN_CORE,
              message: 'The core knows neither the interface, the store nor the machine.',
            },
          ],
        },
      ],
    },
  },
]);
