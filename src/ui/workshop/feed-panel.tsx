'use client';
/** The owner's own forecast feed: off until an address is set. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { FeedTold } from '@/usecases/feed';
import { send } from '../parts/send';
import { useFormat } from '../theme/providers';
import { feedSaid } from '../views/workshop';

export interface FeedNow {
  readonly address: string | null;
  readonly last: FeedTold | null;
}

function useFeed(feed: FeedNow) {
  const [now, setNow] = useState(feed);
  const [typed, setTyped] = useState(feed.address ?? '');
  const [said, setSaid] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const ask = async (method: 'PUT' | 'POST', address?: string | null): Promise<void> => {
    setBusy(true);
    setSaid(null);
    const sent = await send<FeedNow>('/api/feed', method, method === 'PUT' ? { address } : undefined);
    setBusy(false);
    if (!sent.ok) return setSaid(sent.error);
    const next = sent.answer as FeedNow;
    setNow(next);
    setTyped(next.address ?? '');
  };
  return { now, typed, said, isBusy, setTyped, ask };
}

export function FeedPanel({ feed, tz }: { readonly feed: FeedNow; readonly tz: string }) {
  const f = useFormat();
  const { now, typed, said, isBusy, setTyped, ask } = useFeed(feed);
  const isSet = now.address !== null;
  return (
    <section className="panel" aria-label="Forecast feed">
      <div className="hd mb-4">
        Forecast feed <small>{isSet ? 'asked every hour' : 'off'}</small>
      </div>
      <p className="cap mb-12 maxw-720">
        If you run a weather service of your own at home: its address, answering in the agreed JSON. Only this
        machine or a private network is asked, by the server alone. {'{lat}'} and {'{lon}'} stand for the
        place. Nothing is asked until an address is set.
      </p>
      <form
        className="row"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          void ask('PUT', typed.trim() === '' ? null : typed);
        }}
      >
        <TextField
          size="small"
          label="Address"
          placeholder="http://192.168.1.20:8080/forecast?lat={lat}&lon={lon}"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          error={said !== null}
          sx={{ width: 'min(100%, 440px)' }}
        />
        <Button type="submit" variant="contained" disabled={isBusy || typed.trim() === (now.address ?? '')}>
          {typed.trim() === '' && isSet ? 'Switch it off' : 'Set it'}
        </Button>
        {isSet && (
          <Button variant="outlined" disabled={isBusy} onClick={() => void ask('POST')}>
            Ask it now
          </Button>
        )}
        {isSet && (
          <Button disabled={isBusy} onClick={() => void ask('PUT', null)}>
            Switch it off
          </Button>
        )}
      </form>
      <div
        className="status mt-8"
        role="status"
        data-kind={said !== null || now.last?.refused.length ? 'bad' : 'ok'}
      >
        {isBusy ? 'Asking it.' : (said ?? feedSaid(now.last, tz, f))}
      </div>
    </section>
  );
}
