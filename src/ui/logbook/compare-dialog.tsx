'use client';
/** Two records side by side: their films and line by line what differed. */
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { LogbookRow } from '@/usecases/logbook';
import { FilmSection } from '../drawings/film-section';
import { useFormat } from '../theme/providers';
import { CameChart } from '../parts/came-chart';
import { cameView, scaleOf } from '../views/air-came';
import { compareLines } from '../views/logbook';
import { stackOf } from '../views/stack';

interface CompareDialogProps {
  readonly pair: readonly [LogbookRow, LogbookRow];
  readonly onClose: () => void;
}

export function CompareDialog({ pair, onClose }: CompareDialogProps) {
  const f = useFormat();
  const [a, b] = pair;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="compare-title">
      <DialogTitle id="compare-title">Side by side</DialogTitle>
      <DialogContent tabIndex={0}>
        <Traces pair={pair} />
        <table className="comparetable">
          <thead>
            <tr>
              <td />
              {pair.map((r) => (
                <th key={r.id} scope="col">
                  <FilmSection
                    stack={stackOf(r.job, r.drawn, r.products)}
                    pxPerUm={0.4}
                    width={70}
                    gaugeMax={150}
                    size="mini"
                  />
                  <br />
                  {r.job.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {compareLines(a, b, f).map((line) => (
              <tr key={line.name} data-differs={line.differs}>
                <th scope="row">{line.name}</th>
                <td>{line.values[0]}</td>
                <td>{line.values[1]}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

/** The air of both, as far as their records have it. */
function Traces({ pair }: Pick<CompareDialogProps, 'pair'>) {
  const f = useFormat();
  const views = pair.flatMap((r) => {
    const view = cameView(r.job, [], f);
    return view ? [{ r, view }] : [];
  });
  if (views.length === 0) return null;
  const ends = scaleOf(views.map((v) => v.view));
  return (
    <div className="is-grid gap-14 cols-repeat-auto-fit-minmax-min-100-320px-1fr mb-8">
      {views.map(({ r, view }) => (
        <section key={r.id} aria-label={`Air, ${r.job.name}`}>
          <b className="fw600">{r.job.name}</b>
          <CameChart view={view} tz={r.job.place.tz} heightPx={150} ends={ends} />
        </section>
      ))}
    </div>
  );
}
