'use client';
/** Nought to four blocks, each with its word: how a layer came out. A group of radio buttons underneath. */
import { useId } from 'react';

export function MarkBlocks({
  label,
  value,
  words,
  onChange,
}: {
  label: string;
  value: number | null;
  words: readonly string[];
  onChange: (mark: number) => void;
}) {
  const name = useId();
  return (
    <div className="blocks" role="radiogroup" aria-label={label}>
      {words.map((w, i) => (
        <label key={w} title={w} data-on={value !== null && i <= value} data-value={i === value}>
          <input type="radio" name={name} checked={i === value} onChange={() => onChange(i)} aria-label={w} />
          <span aria-hidden="true">{i}</span>
        </label>
      ))}
    </div>
  );
}
