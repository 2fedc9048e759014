'use client';
/** Readings as rows, newest first; a few at a time. */
import Button from '@mui/material/Button';
import type { KeptReading } from '@/model/reading';
import { useMore } from '../parts/use-more';
import { useFormat } from '../theme/providers';
import { measuredSaid, readingAt, readingSource } from '../views/readings';

const AT_A_TIME = 8;

interface ReadingListProps {
  readonly list: readonly KeptReading[];
  readonly tz: string;
  readonly onTakeOut: (id: string) => void;
}

export function ReadingList({ list, tz, onTakeOut }: ReadingListProps) {
  const f = useFormat();
  const [shown, more] = useMore(list, AT_A_TIME);
  return (
    <>
      <ul className="readlist">
        {shown.map((r) => (
          <li key={r.id}>
            <span className="muted">{readingAt(r, tz, f)}</span>
            <b>{measuredSaid(r, f)}</b>
            <span className="cap">{readingSource(r)}</span>
            <Button
              size="small"
              onClick={() => onTakeOut(r.id)}
              aria-label={`Take out ${measuredSaid(r, f)}`}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      {more}
    </>
  );
}
