'use client';
/**
 * A copy of the workshop on its way in: sent in pieces, looked at, and brought in only when the owner
 * said how. It can be let go at any time; until it is brought in nothing is changed.
 */
import { useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Came, Looked } from '@/usecases/copies';
import { send, sendPiece, type Sent } from '../parts/send';
import { broughtBack } from '../views/workshop';

const PIECE_BYTES = 4 * 1024 * 1024;
const MOST_FAULTS = 4;

export interface Said {
  readonly bad: boolean;
  readonly text: string;
  readonly more?: string;
}
export type Step =
  | { readonly kind: 'idle' }
  | {
      readonly kind: 'sending';
      readonly name: string;
      readonly sent: number;
      readonly bytes: number;
      readonly elapsedMs: number;
    }
  | { readonly kind: 'reading'; readonly name: string }
  | { readonly kind: 'asking'; readonly name: string; readonly token: string; readonly looked: Looked }
  | { readonly kind: 'bringing'; readonly name: string };

/** What was refused, with the first of its faults. */
export function saidOf({ error, faults }: Sent): Said {
  const more = faults.slice(0, MOST_FAULTS).map((f) => `${f.path}: expected ${f.expected}`);
  return { bad: true, text: error, more: more.join('. ') };
}

/** Thrown away by the owner while it was under way. */
class LetGo extends Error {}

async function piecesOf(file: File, token: string, onSent: (bytes: number) => boolean): Promise<Sent | null> {
  for (let at = 0; at < file.size; at += PIECE_BYTES) {
    const answer = await sendPiece(
      `/api/workshop/incoming/${token}?at=${at}`,
      file.slice(at, at + PIECE_BYTES),
    );
    if (!answer.ok) return answer;
    if (!onSent(Math.min(file.size, at + PIECE_BYTES))) throw new LetGo();
  }
  return null;
}

export function useCopies() {
  const router = useRouter();
  const [step, setStep] = useState<Step>({ kind: 'idle' });
  const [said, setSaid] = useState<Said | null>(null);
  const run = useRef(0);
  const end = (outcome: Said | null): void => {
    setStep({ kind: 'idle' });
    setSaid(outcome);
    if (outcome && !outcome.bad) router.refresh();
  };
  const letGo = (): void => {
    run.current++;
    if (step.kind === 'asking') void send(`/api/workshop/incoming/${step.token}`, 'DELETE');
    end(null);
  };
  const choose = async (file: File): Promise<void> => {
    const mine = ++run.current;
    const { name, size: bytes } = file;
    const fromMs = performance.now();
    const isMine = (): boolean => run.current === mine;
    setSaid(null);
    setStep({ kind: 'sending', name, sent: 0, bytes, elapsedMs: 0 });
    const begun = await send<{ token: string }>('/api/workshop/incoming', 'POST', { bytes });
    const { token } = begun.answer;
    if (!begun.ok || token === undefined) return end(saidOf(begun));
    try {
      const refused = await piecesOf(file, token, (sent) => {
        if (isMine()) setStep({ kind: 'sending', name, sent, bytes, elapsedMs: performance.now() - fromMs });
        return isMine();
      });
      if (refused) return end(saidOf(refused));
    } catch (e) {
      void send(`/api/workshop/incoming/${token}`, 'DELETE');
      if (e instanceof LetGo) return;
      throw e;
    }
    setStep({ kind: 'reading', name });
    const looked = await send<Looked>(`/api/workshop/incoming/${token}`, 'GET');
    if (!isMine()) return;
    if (looked.ok) return setStep({ kind: 'asking', name, token, looked: looked.answer as Looked });
    void send(`/api/workshop/incoming/${token}`, 'DELETE');
    end(saidOf(looked));
  };
  const bringIn = async (how: 'add' | 'replace'): Promise<void> => {
    if (step.kind !== 'asking') return;
    setStep({ kind: 'bringing', name: step.name });
    const came = await send<Came>(`/api/workshop/incoming/${step.token}`, 'POST', { how });
    end(came.ok ? { bad: false, text: broughtBack(came.answer as Came) } : saidOf(came));
  };
  const goBack = async (name: string): Promise<void> => {
    setStep({ kind: 'bringing', name });
    const came = await send<Came>('/api/workshop/kept', 'POST', { name });
    end(came.ok ? { bad: false, text: broughtBack(came.answer as Came) } : saidOf(came));
  };
  return { step, said, choose, bringIn, goBack, letGo };
}
