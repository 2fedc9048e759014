/**
 * How the server is begun: what Node is told, then what it is. The heap is bounded, or garbage is let lie until
 * the whole machine is full of it; heavy work has threads with limits of their own.
 */
export const serveArgs = (host, port) => [
  '--max-old-space-size=512',
  'scripts/serve.mjs',
  '-H',
  host,
  '-p',
  String(port),
];
