/** What came of an errand, in the panel that ran it. */
import type { Said } from './use-copies';

export function SaidLine({ said }: { said: Said | null }) {
  return (
    <p
      className="status"
      role="status"
      data-kind={said?.bad ? 'bad' : 'ok'}
      style={{ marginTop: said ? 10 : 0 }}
    >
      {said?.text}
      {said?.more && <span className="is-block fw400">{said.more}</span>}
    </p>
  );
}
