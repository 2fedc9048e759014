/**
 * A stand-in for the owner's feed: answers in the agreed JSON at /forecast, and in every wrong way a server can at the
 * other paths. For trying it out (npm run feed) and for the tests; it listens on this machine alone.
 */
import { createServer, type Server, type ServerResponse } from 'node:http';
import { DAY } from '@/core/time/instant';
import { simulatedForecast, type Spot } from './weather';

type Answer = (response: ServerResponse, asked: { readonly spot: Spot; readonly nowMs: number }) => void;

const json = (response: ServerResponse, body: unknown): void => {
  response.setHeader('content-type', 'application/json');
  response.end(JSON.stringify(body));
};

const MB = 1024 * 1024;

export const FEED_ANSWERS: Readonly<Record<string, Answer>> = {
  '/forecast': (r, { spot, nowMs }) => json(r, simulatedForecast(spot, nowMs).forecast),
  '/old': (r, { spot, nowMs }) => json(r, simulatedForecast(spot, nowMs - 30 * DAY).forecast),
  '/wrong': (r) => json(r, { temperature: 'mild' }),
  '/garbled': (r) => r.end('<html>not a forecast</html>'),
  '/gone': (r) => {
    r.statusCode = 404;
    r.end();
  },
  '/moved': (r) => {
    r.statusCode = 302;
    r.setHeader('location', '/forecast');
    r.end();
  },
  '/slow': () => undefined,
  '/huge': (r) => {
    r.setHeader('content-type', 'application/json');
    const piece = Buffer.alloc(MB / 4, ' ');
    const send = (left: number): void => {
      if (left === 0) r.end();
      else r.write(piece, () => send(left - 1));
    };
    send(16);
  },
};

const spotOf = (search: URLSearchParams): Spot => ({
  lat: Number(search.get('lat') ?? 53.42),
  lon: Number(search.get('lon') ?? -3.08),
});

/** Not listening yet. @param clock what it takes for now, ms */
export function feedServer(clock: () => number): Server {
  return createServer((request, response) => {
    const { pathname, searchParams } = new URL(request.url ?? '/', 'http://feed');
    const answer = FEED_ANSWERS[pathname] ?? FEED_ANSWERS['/gone']!;
    answer(response, { spot: spotOf(searchParams), nowMs: clock() });
  });
}
