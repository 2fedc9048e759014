/**
 * The door: only names of this machine are answered, nobody else's page may change anything, and a
 * page may ask no other origin for anything. A foreign name that resolves to this machine is
 * refused, so that no page on the web can reach the workshop through its visitor's browser.
 */
import { NextResponse, type NextRequest } from 'next/server';

const LOCAL = new Set(['127.0.0.1', 'localhost', '[::1]']);
/** Further names, when the owner serves it to a phone in his own network: PELLUCID_HOSTS=bench.local,192.168.1.20 */
const further = (): ReadonlySet<string> =>
  new Set(
    (process.env.PELLUCID_HOSTS ?? '')
      .split(',')
      .map((h) => h.trim().toLowerCase())
      .filter((h) => h !== ''),
  );
const nameOf = (host: string): string => host.toLowerCase().replace(/:\d+$/, '');

/** A link from elsewhere may open a page; nobody else's page may read what is behind it. */
function readRefusal({ headers, nextUrl }: NextRequest): string | null {
  if (headers.get('sec-fetch-site') !== 'cross-site') return null;
  const opens = headers.get('sec-fetch-mode') === 'navigate' && !nextUrl.pathname.startsWith('/api/');
  return opens ? null : 'A page of another site may not read this workshop.';
}

function refusal(request: NextRequest): string | null {
  const host = request.headers.get('host') ?? '';
  const name = nameOf(host);
  if (!LOCAL.has(name) && !further().has(name))
    return 'This workshop answers to names of its own machine only. Open it at http://127.0.0.1, or name the host in PELLUCID_HOSTS.';
  if (request.method === 'GET' || request.method === 'HEAD') return readRefusal(request);
  const origin = request.headers.get('origin');
  if (origin !== null && (!URL.canParse(origin) || new URL(origin).host !== host.toLowerCase()))
    return 'A page of another origin may not change this workshop.';
  if (request.headers.get('sec-fetch-site') === 'cross-site')
    return 'A page of another site may not change this workshop.';
  return null;
}

export function proxy(request: NextRequest): NextResponse {
  const no = refusal(request);
  if (no !== null) return NextResponse.json({ error: no, faults: [] }, { status: 403 });
  const nonce = btoa(crypto.randomUUID());
  const policy = [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
    "object-src 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('x-frame-options', 'DENY');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=(), payment=(), usb=()');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  return response;
}
