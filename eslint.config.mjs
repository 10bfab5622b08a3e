/** Lint rules, and the one direction in which imports go: app → sheets → (kit, data, core); data → core; core and kit → nothing of ours. */
import { defineConfig, globalIgnores } from 'eslint/config';
import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypes from 'eslint-config-next/typescript';

const layer = (files, closed, why) => ({
  files: [`src/${files}/**/*.{ts,tsx}`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': ['error', { patterns: closed.flatMap((folder) => [`@/${folder}`, `@/${folder}/**`, `../**/${folder}/**`]).map((group) => ({ group: [group], message: why })) }],
  },
});

export default defineConfig([
  globalIgnores(['.next/**', 'dist/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**']),
  ...nextVitals,
  ...nextTypes,
  {
    files: ['**/*.{ts,tsx}'],
    rules: { '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }], '@typescript-eslint/no-explicit-any': 'error' },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: [{ group: ['@/**', 'react', 'react-*', 'next', 'next/**', 'styled-components', 'better-sqlite3', 'node:*'], message: 'The core knows neither the interface, the store nor the machine.' }] }] },
  },
  layer('kit', ['core', 'data', 'sheets', 'app', 'worker'], 'The kit draws; it knows nothing of ours.'),
  layer('data', ['kit', 'sheets', 'app', 'worker'], 'Data knows only the core.'),
  layer('sheets', ['app'], 'Routes load sheets, not the other way round.'),
  layer('app', ['core/layout', 'core/edit', 'kit/button', 'kit/field'], 'A route only loads and renders its sheet.'),
]);
