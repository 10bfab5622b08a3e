import { join } from 'node:path';
import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  poweredByHeader: false,
  agentRules: false,
  // A plan brought in, or a long guide pasted, is larger than the default of 1 MB.
  experimental: { serverActions: { bodySizeLimit: '24mb' } },
  turbopack: {
    root: import.meta.dirname,
    // React Aria brings its texts in thirty languages; a sheet sends one.
    rules: { '*.mjs': { condition: { all: ['foreign', { path: /private\/intl\/(?:.*\/)?(?!en-US)[a-z]{2}-[A-Z]{2}\.mjs$/ }] }, loaders: [join(import.meta.dirname, 'scripts/english-only.cjs')] } },
  },
};

export default config;
