import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  poweredByHeader: false,
  agentRules: false,
  // A plan brought in, or a long guide pasted, is larger than the default of 1 MB.
  experimental: { serverActions: { bodySizeLimit: '24mb' } },
  turbopack: { root: import.meta.dirname },
};

export default config;
