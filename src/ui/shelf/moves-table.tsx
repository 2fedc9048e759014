'use client';
/** Every change to the shelf, the newest first. */
import type { ShelfView } from '@/usecases/shelf';
import { useFormat } from '../theme/providers';
import { moveRows } from '../views/shelf';

export function MovesTable({ view, tz }: { view: ShelfView; tz: string }) {
  const f = useFormat();
  return (
    <section className="panel" aria-label="Every change">
      <div className="hd">
        Every change <small>newest first</small>
      </div>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Changes to the shelf">
        <table className="tbl cards">
          <tbody>
            {moveRows(view, tz, f).map((moveRow) => (
              <tr key={moveRow.seq}>
                <td style={{ whiteSpace: 'nowrap' }}>{moveRow.when}</td>
                <td>{moveRow.name}</td>
                <td>{moveRow.what}</td>
                <td className="num" data-label="before">
                  {f.volume(moveRow.beforeMl)}
                </td>
                <td className="num" data-label="after">
                  {f.volume(moveRow.afterMl)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
