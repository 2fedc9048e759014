import type { NextConfig } from 'next';

/** better-sqlite3 is native and must stay outside the bundle; everything else is bundled. */
const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3'],
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
};

export default config;
