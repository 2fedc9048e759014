'use client';
/** A table of the same stack as the section, behind a disclosure. */
import { useFormat } from '../theme/providers';
import type { Stack } from '../views/stack';

export function StackTable({ stack }: { stack: Stack }) {
  const f = useFormat();
  return (
    <details>
      <summary>The same as a table</summary>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Layers as a table">
        <table className="tbl">
          <caption className="sr">Layers, top down</caption>
          <thead>
            <tr>
              <th>Layer</th>
              <th className="num">coats</th>
              <th className="num">film a coat</th>
              <th className="num">film</th>
              <th className="num">sprayed</th>
            </tr>
          </thead>
          <tbody>
            {[...stack.bands].reverse().map((band) => (
              <tr key={band.id}>
                <td>{band.name}</td>
                <td className="num">{band.coatsText}</td>
                <td className="num">{f.film(band.umPerCoat)}</td>
                <td className="num">{f.film(band.um)}</td>
                <td className="num">
                  {band.doneCoats} of {band.coats}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
