import type { NextConfig } from 'next';

/** better-sqlite3 is native and must stay outside the bundle; everything else is bundled. */
const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'highs'],
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // `npm test` checks the types in a step of its own; a first start need not.
  typescript: { ignoreBuildErrors: true },
};

export default config;
