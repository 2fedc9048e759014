'use client';
/** What is found, kind by kind; the arrows walk through it, Enter goes there. */
import { useEffect, useState } from 'react';
import Link from 'next/link';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import type { Hit, HitKind } from '@/usecases/search';

const KINDS: Readonly<Record<HitKind, string>> = {
  job: 'Job',
  part: 'Part',
  product: 'Product',
  shelf: 'On the shelf',
  action: 'Go to',
  word: 'Word',
};
/** Asked this long after the last letter, ms. */
const REST_MS = 140;

interface Found {
  readonly hits: readonly Hit[];
  /** For what was asked. */
  readonly asked: string;
  readonly isSilent: boolean;
}
const NOTHING: Found = { hits: [], asked: '', isSilent: false };

/** What is found for a text; the answer to an older one is thrown away. */
function useFound(text: string): Found {
  const [found, setFound] = useState(NOTHING);
  useEffect(() => {
    const asked = text.trim();
    if (asked === '') return undefined;
    const old = new AbortController();
    const later = setTimeout(() => {
      fetch(`/api/search?q=${encodeURIComponent(asked)}`, { signal: old.signal })
        .then(async (r) => ((await r.json()) as { hits: Hit[] }).hits)
        .then((hits) => setFound({ hits, asked, isSilent: false }))
        .catch(() => {
          if (!old.signal.aborted) setFound({ hits: [], asked, isSilent: true });
        });
    }, REST_MS);
    return () => {
      clearTimeout(later);
      old.abort();
    };
  }, [text]);
  return text.trim() === '' ? NOTHING : found;
}

export default function FindDialog({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const { hits, asked, isSilent } = useFound(text);
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { className: 'finder', 'aria-label': 'Find' } }}
    >
      <TextField
        autoFocus
        fullWidth
        label="Job, part, product, word …"
        value={text}
        onChange={(e) => setText(e.target.value.slice(0, 60))}
        slotProps={{ htmlInput: { type: 'search', autoComplete: 'off' } }}
      />
      <p className="small muted" role="status">
        {said({ hits, asked, isSilent })}
      </p>
      <ul>
        {hits.map((hit, i) => (
          <li key={`${hit.kind} ${i} ${hit.title}`}>
            <HitLine hit={hit} onGo={onClose} />
          </li>
        ))}
      </ul>
    </Dialog>
  );
}

function said({ hits, asked, isSilent }: Found): string {
  if (isSilent) return 'The server does not answer. Try again in a moment.';
  if (asked === '') return 'Jobs, parts, products, the shelf, the words of the trade, pages.';
  if (hits.length === 0) return `Nothing for “${asked}”. Try a shorter word.`;
  return `${hits.length} found`;
}

function HitLine({ hit, onGo }: { hit: Hit; onGo: () => void }) {
  const text = (
    <>
      <span className="kind">{KINDS[hit.kind]}</span>
      <span>
        <b>{hit.title}</b> <span className="muted">{hit.text}</span>
      </span>
    </>
  );
  return hit.href === null ? (
    <div>{text}</div>
  ) : (
    <Link href={hit.href} onClick={onGo}>
      {text}
    </Link>
  );
}
