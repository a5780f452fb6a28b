import type { NextConfig } from 'next';
import createNextIntlPlugin from 'next-intl/plugin';

const config: NextConfig = {
  // Tests build beside a running demo, into a folder of their own.
  distDir: process.env['PORCH_BUILD'] ?? '.next',
  serverExternalPackages: ['mysql2', '@node-rs/argon2', 'sharp', 'pino', 'piscina'],
  turbopack: {
    // The speller asks for these only where it runs outside a browser.
    resolveAlias: Object.fromEntries(
      ['module', 'fs/promises'].map((name) => [name, { browser: './src/workers/notInBrowsers.ts' }]),
    ),
  },
  poweredByHeader: false,
  // Pictures have sizes of ours; the framework’s would be kept without asking who may see them.
  images: { unoptimized: true },
  reactStrictMode: true,
  reactCompiler: true,
  // A page that is asked for while the line is gone waits for it, in place of the browser’s own page of errors.
  experimental: { useOffline: true },
  // Linting and types are steps of their own in the test command.
  typescript: { ignoreBuildErrors: true },
};

export default createNextIntlPlugin('./src/messages/request.ts')(config);
