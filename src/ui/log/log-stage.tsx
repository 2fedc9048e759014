'use client';
/** Log: when things were really done, what was used, how each layer came out; then the job is closed. */
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { closeJob, logOf, reopenJob, setNote } from '@/core/edits/log';
import { cutTo } from '@/words/cut';
import { counted } from '@/words/format';
import { useDesk } from '../desk/job-desk';
import { GoSign, MindSign } from '../parts/icons';
import { later } from '../parts/later';
import { Spine } from '../shell/spine';
import { StageFrame } from '../shell/stage-frame';
import { useFormat } from '../theme/providers';
import { leftRows } from '../views/left';
import { leftUndone } from '../views/log';
import { OutcomesPanel } from './outcomes-panel';
import { TimesPanel } from './times-panel';
import { UsedPanel } from './used-panel';

const FinishPanel = later('Finish', () => import('./finish-panel').then((m) => m.FinishPanel), {
  heightPx: 300,
});
const RefitPanel = later('Refit', () => import('./after-panels').then((m) => m.RefitPanel));
const CurePanel = later('Cure', () => import('./after-panels').then((m) => m.CurePanel));
const MoneyPanel = later('Money', () => import('./money-panel').then((m) => m.MoneyPanel));
const RubricPanel = later('Marks', () => import('./rubric-panel').then((m) => m.RubricPanel));
const HandOverPanel = later('Hand over', () => import('./hand-over-panel').then((m) => m.HandOverPanel));
const ShelfPanel = later('Shelf', () => import('./shelf-panel').then((m) => m.ShelfPanel));
const PhotosPanel = later(
  'Photographs after',
  () => import('../photos/photos-panel').then((m) => m.PhotosPanel),
  { heightPx: 124 },
);

const StepPhotos = later(
  'Photographs of the steps',
  () => import('../photos/step-photos').then((m) => m.StepPhotos),
  { heightPx: 124 },
);

export function LogStage() {
  const { job } = useDesk();
  const { closedAt } = logOf(job);
  return (
    <StageFrame
      stage="log"
      spine={
        <Spine>
          <p>
            <b>Written down, it counts next time.</b> What the cans really gave stands beside what was
            planned.
          </p>
        </Spine>
      }
      sections={[
        { id: 'finish', name: 'Finish', note: 'the clear as a budget', opens: true, node: <FinishPanel /> },
        { id: 'refit', name: 'Refit', note: 'the last bag first', node: <RefitPanel /> },
        { id: 'cure', name: 'Cure', note: 'what it still minds, and until when', node: <CurePanel /> },
        {
          id: 'used',
          name: 'Used',
          isLead: true,
          node: (
            <div className="stack">
              {closedAt !== undefined && <ClosedPanel closedAt={closedAt} />}
              <UsedPanel />
            </div>
          ),
        },
        { id: 'money', name: 'Money', note: 'used, left, the same again', node: <MoneyPanel /> },
        {
          id: 'shelf',
          name: 'Shelf',
          note: 'book off what was taken, put on what is left',
          isScreenOnly: true,
          node: <ShelfPanel />,
        },
        { id: 'outcome', name: 'Outcome', note: 'layer by layer', opens: true, node: <OutcomesPanel /> },
        { id: 'rubric', name: 'Marks', note: 'the whole, tape test, looks later', node: <RubricPanel /> },
        { id: 'times', name: 'Times', note: 'as they really were', node: <TimesPanel /> },
        {
          id: 'photos',
          name: 'Photos',
          note: 'as it is after, and step by step',
          isScreenOnly: true,
          node: <LogPhotos />,
        },
        { id: 'hand-over', name: 'Hand over', note: 'for whoever gets it', node: <HandOverPanel /> },
        { id: 'note', name: 'Note', note: 'to yourself', opens: true, node: <NotePanel /> },
      ]}
    >
      {closedAt === undefined && <CloseRow />}
    </StageFrame>
  );
}

function LogPhotos() {
  return (
    <div className="stack">
      <PhotosPanel moment="after" />
      <StepPhotos />
    </div>
  );
}

function ClosedPanel({ closedAt }: { closedAt: string }) {
  const f = useFormat();
  const desk = useDesk();
  return (
    <section className="panel bc-moss" aria-label="Closed">
      <div className="hd">
        <GoSign size={22} />
        Closed {f.dayTime(closedAt)}
        <span className="r">
          <Button size="small" variant="outlined" onClick={() => desk.edit(reopenJob)}>
            Open it again
          </Button>
        </span>
      </div>
    </section>
  );
}

const MOST_LETTERS = 4000;

function NotePanel() {
  const desk = useDesk();
  return (
    <section className="panel" aria-label="Note">
      <TextField
        fullWidth
        multiline
        minRows={3}
        maxRows={12}
        label="What you would do otherwise next time"
        value={logOf(desk.job).note}
        onChange={(e) => desk.edit((j) => setNote(j, cutTo(e.target.value, MOST_LETTERS)))}
      />
    </section>
  );
}

/** What was bought and is not used up belongs on the shelf before it is forgotten. */
function LeftHint() {
  const f = useFormat();
  const desk = useDesk();
  const open = leftRows(desk.job, desk.plan, desk.products, f).filter((row) => !row.isDone);
  if (desk.job.state === undefined || open.length === 0) return null;
  return (
    <a className="cap" href="#shelf">
      {counted(open.length, 'left-over')} not on the shelf yet
    </a>
  );
}

function CloseRow() {
  const desk = useDesk();
  const undone = leftUndone(desk.job, desk.plan);
  return (
    <div className="row">
      {undone !== null && (
        <p className="cap row wrap-nowrap">
          <MindSign />
          {undone}
        </p>
      )}
      <LeftHint />
      <span className="push" />
      <Button variant="contained" onClick={() => desk.edit((j) => closeJob(j, desk.clock(), desk.known))}>
        Close the job
      </Button>
    </div>
  );
}
