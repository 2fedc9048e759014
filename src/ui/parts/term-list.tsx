/** Terms and what is said of each, line by line. */
interface TermListProps {
  readonly lines: readonly (readonly [term: string, says: string])[];
}

export function TermList({ lines }: TermListProps) {
  return (
    <dl className="keys">
      {lines.map(([term, says]) => (
        <div key={term}>
          <dt>{term}</dt>
          <dd>{says}</dd>
        </div>
      ))}
    </dl>
  );
}
