'use client';
/** Something is wrong: by what it looks like or by when it shows, from a drawing to what to do. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import useMediaQuery from '@mui/material/useMediaQuery';
import { noteFault } from '@/core/edits/faults';
import { mendingNow } from '@/core/faults/at-hand';
import type { FaultCode, NotedCode } from '@/model/fault';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import {
  byLook,
  byMoment,
  dangerTiles,
  faultTile,
  looksAt,
  lookTiles,
  momentNames,
  placeOf,
  questionOf,
  troubleView,
  type Place,
} from '../views/trouble';
import type { OnJob } from '@/core/faults/at-hand';
import { NoneOfThese } from './trouble-none';
import { StepHead, Tiles } from './trouble-tiles';
import { TroubleVerdict } from './trouble-verdict';

const START: Place = { at: 'start' };

export function Trouble({ onClose }: { onClose: () => void }) {
  const isPhone = useMediaQuery('(max-width: 43.75em)');
  const [way, setWay] = useState<readonly Place[]>([START]);
  const place = way.at(-1)!;
  const go = (next: Place): void => setWay([...way, next]);
  return (
    <Dialog
      open
      onClose={onClose}
      fullScreen={isPhone}
      maxWidth="sm"
      fullWidth
      aria-labelledby="trouble-title"
      className="faultdialog"
    >
      <DialogTitle id="trouble-title" component="h2" className="troublehead">
        {way.length > 1 && (
          <Button variant="outlined" onClick={() => setWay(way.slice(0, -1))}>
            Back
          </Button>
        )}
        <span className="flex-1">Something is wrong</span>
        <Button variant="outlined" onClick={onClose}>
          Close
        </Button>
      </DialogTitle>
      <DialogContent>
        <div className="faultfinder" key={way.length}>
          {place.at !== 'fault' && (
            <Tiles
              label="Somebody is hurt, or may be"
              size="small"
              tiles={dangerTiles()}
              onPick={(code) => go({ at: 'fault', code })}
            />
          )}
          <At place={place} nth={way.length} go={go} />
        </div>
      </DialogContent>
    </Dialog>
  );
}

interface AtProps {
  readonly place: Place;
  /** Which tap comes next, counted from 1. */
  readonly nth: number;
  readonly go: (next: Place) => void;
}

function useOnJob(): OnJob {
  const { job, plan, products } = useDesk();
  return { job, layers: plan.layers, products: new Map(products.map((p) => [p.id, p])) };
}

function At({ place, nth, go }: AtProps) {
  const on = useOnJob();
  switch (place.at) {
    case 'start':
      return <Start on={on} go={go} />;
    case 'moment':
      return (
        <>
          <StepHead nth={nth}>What does it look like?</StepHead>
          <Tiles
            label="Looks"
            tiles={looksAt(place.moment, on)}
            onPick={(look) => go(byMoment(place.moment, look, on))}
          />
          <None go={go} />
        </>
      );
    case 'node':
      return <AtNode place={place} nth={nth} go={go} />;
    case 'fault':
      return <Verdict code={place.code} on={on} go={go} />;
    case 'none':
      return <None go={go} isOpen />;
  }
}

function Start({ on, go }: { on: OnJob; go: AtProps['go'] }) {
  return (
    <>
      <StepHead nth={1}>What does it look like?</StepHead>
      <Tiles label="Looks" tiles={lookTiles(on)} onPick={(look) => go(byLook(look, on))} />
      <h3 className="stephead">Or when does it show?</h3>
      <div className="momentrow">
        {momentNames().map((m) => (
          <Button key={m.id} variant="outlined" onClick={() => go({ at: 'moment', moment: m.id })}>
            {m.name}
          </Button>
        ))}
      </div>
      <None go={go} />
    </>
  );
}

function AtNode({ place, nth, go }: AtProps & { place: Extract<Place, { at: 'node' }> }) {
  const { node } = place;
  if (node.kind === 'pick')
    return (
      <>
        <StepHead nth={nth}>Which of these?</StepHead>
        <Tiles
          label="Faults"
          tiles={node.codes.map(faultTile)}
          onPick={(code) => go({ at: 'fault', code })}
        />
        <None go={go} />
      </>
    );
  return (
    <>
      <StepHead nth={nth}>{questionOf(node.sign)}</StepHead>
      <div className="yesno">
        <Button variant="outlined" onClick={() => go(placeOf(node.yes))}>
          Yes
        </Button>
        <Button variant="outlined" onClick={() => go(placeOf(node.no))}>
          No
        </Button>
      </div>
      <None go={go} />
    </>
  );
}

function useNoting(on: OnJob): (code: NotedCode, note?: string) => void {
  const { edit, clock } = useDesk();
  return (code, note = '') => {
    const atMs = clock();
    const layerId = mendingNow(on, atMs)?.layerId ?? null;
    edit((j) => noteFault(j, { code, atMs, layerId, note }));
  };
}

function Verdict({ code, on, go }: { code: FaultCode; on: OnJob; go: AtProps['go'] }) {
  const f = useFormat();
  const { nowMs } = useDesk();
  const note = useNoting(on);
  const [isNoted, setNoted] = useState(false);
  return (
    <TroubleVerdict
      view={troubleView(code, on, { nowMs, f })}
      isNoted={isNoted}
      onNote={() => {
        note(code);
        setNoted(true);
      }}
      onLook={(other) => go({ at: 'fault', code: other })}
    />
  );
}

function None({ go, isOpen = false }: { go: AtProps['go']; isOpen?: boolean }) {
  const { id } = useDesk();
  const note = useNoting(useOnJob());
  if (isOpen) return <NoneOfThese jobId={id} onNote={(text) => note('other', text)} />;
  return (
    <Button variant="text" className="noneof" onClick={() => go({ at: 'none' })}>
      None of these
    </Button>
  );
}
