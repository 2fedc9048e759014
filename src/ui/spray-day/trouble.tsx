'use client';
/** Something is wrong: by what it looks like or by when it shows, from a drawing to what to do. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import useMediaQuery from '@mui/material/useMediaQuery';
import { noteFault } from '@/core/edits/faults';
import { mendingNow, type OnJob } from '@/core/faults/at-hand';
import type { Node } from '@/core/faults/finder';
import type { FaultCode, FaultMoment, NotedCode } from '@/model/fault';
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
import { NoneOfThese } from './trouble-none';
import { TroubleTake } from './trouble-take';
import { StepHead, Tiles } from './trouble-tiles';
import { TroubleVerdict } from './trouble-verdict';
import { useOnJob } from './use-on-job';

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
          {place.at !== 'fault' && place.at !== 'take' && (
            <Tiles
              label="Somebody is hurt, or may be"
              size="small"
              tiles={dangerTiles()}
              onPick={(code) => go({ at: 'fault', code })}
            />
          )}
          <At place={place} moment={momentOf(way)} nth={way.length} go={go} onClose={onClose} />
        </div>
      </DialogContent>
    </Dialog>
  );
}

/** When it shows, where that was asked for on the way. */
const momentOf = (way: readonly Place[]): FaultMoment | undefined =>
  way.flatMap((p) => (p.at === 'moment' ? [p.moment] : []))[0];

interface AtProps {
  readonly place: Place;
  readonly moment: FaultMoment | undefined;
  /** Which tap comes next, counted from 1. */
  readonly nth: number;
  readonly go: (next: Place) => void;
  readonly onClose: () => void;
}

function At({ place, moment, nth, go, onClose }: AtProps) {
  const on = useOnJob(moment);
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
          <NoneButton go={go} />
        </>
      );
    case 'node':
      return <AtNode node={place.node} nth={nth} go={go} />;
    case 'fault':
      return <Verdict code={place.code} on={on} go={go} onClose={onClose} />;
    case 'take':
      return <TroubleTake code={place.code} kind={place.kind} on={on} onClose={onClose} />;
    case 'none':
      return <None on={on} onClose={onClose} />;
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
      <NoneButton go={go} />
    </>
  );
}

function AtNode({ node, nth, go }: Pick<AtProps, 'nth' | 'go'> & { node: Node }) {
  if (node.kind === 'pick')
    return (
      <>
        <StepHead nth={nth}>Which of these?</StepHead>
        <Tiles
          label="Faults"
          tiles={node.codes.map(faultTile)}
          onPick={(code) => go({ at: 'fault', code })}
        />
        <NoneButton go={go} />
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
      <NoneButton go={go} />
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

interface VerdictProps extends Pick<AtProps, 'go' | 'onClose'> {
  readonly code: FaultCode;
  readonly on: OnJob;
}

function Verdict({ code, on, go, onClose }: VerdictProps) {
  const f = useFormat();
  const { nowMs } = useDesk();
  const note = useNoting(on);
  return (
    <TroubleVerdict
      view={troubleView(code, on, { nowMs, f })}
      onNote={() => note(code)}
      onClose={onClose}
      onLook={(other) => go({ at: 'fault', code: other })}
      onTake={(kind) => go({ at: 'take', code, kind })}
    />
  );
}

function NoneButton({ go }: Pick<AtProps, 'go'>) {
  return (
    <Button variant="text" onClick={() => go({ at: 'none' })}>
      None of these
    </Button>
  );
}

function None({ on, onClose }: { on: OnJob; onClose: () => void }) {
  const note = useNoting(on);
  return <NoneOfThese onNote={(text) => note('other', text)} onClose={onClose} />;
}
