import { join } from 'node:path';
import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  poweredByHeader: false,
  agentRules: false,
  // It reads files that lie beside it.
  serverExternalPackages: ['dictionary-en'],
  experimental: {
    // What a family of ten years exports can be brought in again (sheets/frame/file-size.ts); the defaults cut it off at 1 and 10 MB.
    serverActions: { bodySizeLimit: '220mb' },
    proxyClientMaxBodySize: '220mb',
    // Started sooner by a second and more: the code of a sheet is read when it is first opened, not of all sheets at the start.
    preloadEntriesOnStart: false,
  },
  turbopack: {
    root: import.meta.dirname,
    // React Aria brings its texts in thirty languages; a sheet sends one.
    rules: {
      '*.mjs': {
        condition: { all: ['foreign', { path: /private\/intl\/(?:.*\/)?(?!en-US)[a-z]{2}-[A-Z]{2}\.mjs$/ }] },
        loaders: [join(import.meta.dirname, 'scripts/english-only.cjs')],
      },
    },
  },
};

export default config;
