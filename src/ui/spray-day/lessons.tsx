'use client';
/** What a fault teaches, offered to be kept: a press sets it for this job, another takes it back with the undo. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { lessonsOf, type Lesson } from '@/core/faults/lessons';
import type { FaultCode } from '@/model/fault';
import { sayLesson } from '@/words/sentences/faults/lessons';
import { useDesk } from '../desk/job-desk';
import { Said } from '../parts/said';
import { send } from '../parts/send';
import { useFormat } from '../theme/providers';

interface Answer {
  readonly isBad: boolean;
  readonly text: string;
}

/** What a lesson makes of a place of the workshop goes there too: jobs to come begin with it. */
function useKeep(): { keep: (lesson: Lesson) => void; said: Answer | null } {
  const { job, edit } = useDesk();
  const [said, setSaid] = useState<Answer | null>(null);
  const keep = (lesson: Lesson): void => {
    edit(lesson.apply);
    const { place } = lesson.apply(job);
    if (job.placeId === undefined || place === job.place) return;
    const name = place.name ?? 'this place';
    void send(`/api/places/${job.placeId}`, 'PUT', { place }).then((r) =>
      setSaid(
        r.ok
          ? { isBad: false, text: `Kept for ${name} too: jobs to come begin with it.` }
          : { isBad: true, text: `Kept for this job, and not for ${name}: ${r.error}` },
      ),
    );
  };
  return { keep, said };
}

export function Lessons({ code }: { code: FaultCode }) {
  const f = useFormat();
  const { job, plan, products } = useDesk();
  const { keep, said } = useKeep();
  const used = new Set(plan.layers.map((l) => l.productId));
  const lessons = lessonsOf(code, { job, products: products.filter((p) => used.has(p.id)) });
  return (
    <>
      {lessons.map((lesson) => (
        <div key={lesson.code} className="row wrap-nowrap gap-10">
          <span className="flex-1">{sayLesson(lesson, f)}</span>
          <Button
            variant="outlined"
            onClick={() => keep(lesson)}
            aria-label={`Keep: ${sayLesson(lesson, f)}`}
          >
            Keep
          </Button>
        </div>
      ))}
      {said?.isBad ? <Said>{said.text}</Said> : said && <p role="status">{said.text}</p>}
    </>
  );
}
