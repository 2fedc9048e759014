'use client';
/** What a fault teaches, offered to be kept: a press sets it for this job, another takes it back with the undo. */
import Button from '@mui/material/Button';
import { lessonsOf } from '@/core/faults/lessons';
import type { FaultCode } from '@/model/fault';
import { sayLesson } from '@/words/sentences/faults/lessons';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';

export function Lessons({ code }: { code: FaultCode }) {
  const f = useFormat();
  const { job, plan, products, edit } = useDesk();
  const used = new Set(plan.layers.map((l) => l.productId));
  const lessons = lessonsOf(code, { job, products: products.filter((p) => used.has(p.id)) });
  return lessons.map((lesson) => (
    <div key={lesson.code} className="row wrap-nowrap gap-10">
      <span className="flex-1">{sayLesson(lesson, f)}</span>
      <Button
        variant="outlined"
        onClick={() => edit(lesson.apply)}
        aria-label={`Keep: ${sayLesson(lesson, f)}`}
      >
        Keep
      </Button>
    </div>
  ));
}
