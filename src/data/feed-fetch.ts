/**
 * A forecast fetched from the owner's own address: by the server alone, from this machine or a private network, the
 * address checked after its name is looked up and kept to; no redirects, 2 MB, five seconds.
 */
import { lookup as lookUp } from 'node:dns/promises';
import { request as http, type IncomingMessage } from 'node:http';
import { request as https } from 'node:https';
import { BlockList, isIP } from 'node:net';
import type { LookupFunction } from 'node:net';
import type { Fetched } from '@/usecases/ports';

const MOST_BYTES = 2 * 1024 * 1024;
const LIMIT_MS = 5000;

/** RFC 1918, RFC 4193, RFC 6598, loopback and link-local. */
const NEAR = new BlockList();
NEAR.addSubnet('127.0.0.0', 8);
NEAR.addSubnet('10.0.0.0', 8);
NEAR.addSubnet('172.16.0.0', 12);
NEAR.addSubnet('192.168.0.0', 16);
NEAR.addSubnet('100.64.0.0', 10);
NEAR.addSubnet('169.254.0.0', 16);
NEAR.addAddress('::1', 'ipv6');
NEAR.addSubnet('fc00::', 7, 'ipv6');
NEAR.addSubnet('fe80::', 10, 'ipv6');

/** On this machine or in a private network. @param address an IP address */
export function isNear(address: string): boolean {
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)?.[1];
  if (mapped !== undefined) return NEAR.check(mapped);
  return isIP(address) !== 0 && NEAR.check(address, isIP(address) === 6 ? 'ipv6' : 'ipv4');
}

const refused = (said: string): Fetched => ({ ok: false, said });
const SCHEME =
  'The address must begin with http:// or https://, like http://192.168.1.20:8080/forecast.json.';

/** @returns what is wrong with an address as it is written; null where nothing is */
export function addressFault(address: string): string | null {
  if (!URL.canParse(address)) return SCHEME;
  const { protocol, username, password } = new URL(address);
  if (protocol !== 'http:' && protocol !== 'https:') return SCHEME;
  return username || password ? 'The address may hold no user name and no password.' : null;
}

export type LookUp = (
  host: string,
) => Promise<readonly { readonly address: string; readonly family: number }[]>;
const realLookUp: LookUp = (host) => lookUp(host, { all: true });

/** The address a name stands for; refused unless all it stands for is near. */
async function nearAddress(
  host: string,
  look: LookUp,
): Promise<{ address: string; family: number } | string> {
  const bare = host.replace(/^\[|\]$/g, '');
  const found = await look(bare).catch(() => []);
  if (found.length === 0) return `No machine is known by the name ${bare}.`;
  const far = found.find((f) => !isNear(f.address));
  if (far) return `${bare} stands for ${far.address}, which is not on this machine or in a private network.`;
  return found[0]!;
}

function statusFault({ statusCode = 0, headers }: IncomingMessage): string | null {
  if (statusCode >= 300 && statusCode < 400)
    return `It sends on to another address (${statusCode}); that is not followed.`;
  if (statusCode !== 200) return `It answers ${statusCode} and no forecast.`;
  return Number(headers['content-length'] ?? 0) > MOST_BYTES ? TOO_LARGE : null;
}
const TOO_LARGE = 'It sends more than 2 MB.';

/** The body as a text, never more than the most. */
async function textOf(response: IncomingMessage): Promise<Fetched> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of response as AsyncIterable<Buffer>) {
    size += chunk.byteLength;
    if (size > MOST_BYTES) {
      response.destroy();
      return refused(TOO_LARGE);
    }
    chunks.push(chunk);
  }
  return { ok: true, text: Buffer.concat(chunks).toString('utf8') };
}

function ask(url: URL, lookup: LookupFunction, signal: AbortSignal): Promise<Fetched> {
  const send = url.protocol === 'https:' ? https : http;
  return new Promise((resolve, reject) => {
    const asked = send(url, { lookup, signal, headers: { accept: 'application/json' } }, (response) => {
      const fault = statusFault(response);
      if (fault === null) return textOf(response).then(resolve, reject);
      response.destroy();
      return resolve(refused(fault));
    });
    asked.on('error', reject);
    asked.end();
  });
}

function failureSaid(e: unknown): string {
  const { code, name } = e as { code?: string; name?: string };
  if (name === 'AbortError' || name === 'TimeoutError' || code === 'ABORT_ERR')
    return 'It does not answer within five seconds.';
  return code === 'ECONNREFUSED'
    ? 'Nothing listens at this address.'
    : `It cannot be reached (${code ?? name ?? 'no reason told'}).`;
}

interface FetchHow {
  readonly look?: LookUp;
  readonly limitMs?: number;
}

/** @param address of the owner's choosing */
export async function fetchFeed(
  address: string,
  { look = realLookUp, limitMs = LIMIT_MS }: FetchHow = {},
): Promise<Fetched> {
  const fault = addressFault(address);
  if (fault !== null) return refused(fault);
  const url = new URL(address);
  const near = await nearAddress(url.hostname, look);
  if (typeof near === 'string') return refused(near);
  // The name is not looked up again: what was checked is what is asked.
  const pinned: LookupFunction = (_host, options, done) => {
    if (options.all === true) done(null, [near]);
    else done(null, near.address, near.family);
  };
  try {
    return await ask(url, pinned, AbortSignal.timeout(limitMs));
  } catch (e) {
    return refused(failureSaid(e));
  }
}
