'use client';
/** How this device calls: each way switched on or off and tried; and what it cannot do here. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { keepVoices, voicesOn } from './kept';
import { browserVoices, VOICES, type Voice } from './voices';

const NAMES: Readonly<Record<Voice, string>> = {
  beep: 'Beep',
  vibrate: 'Vibrate',
  speak: 'Speak it',
  notify: 'Notification of the system',
};
const TRIED = 'This is how Pellucid calls you.';

export function AlarmPanel() {
  const [on, setOn] = useState(() => voicesOn(localStorage));
  const [refused, setRefused] = useState<Voice | null>(null);
  const set = (voice: Voice, isOn: boolean): void => {
    const next = isOn ? [...on, voice] : on.filter((v) => v !== voice);
    keepVoices(localStorage, next);
    setOn(next);
  };
  const turn = async (voice: Voice, isOn: boolean): Promise<void> => {
    const isReady = !isOn || (await browserVoices.ready(voice));
    setRefused(isReady ? null : voice);
    if (isReady) set(voice, isOn);
  };
  const attempt = async (voice: Voice): Promise<void> => {
    if (await browserVoices.ready(voice)) browserVoices.call(voice, TRIED);
    else setRefused(voice);
  };
  return (
    <section className="panel noprint" aria-label="How you are called">
      <div className="hd">
        How you are called <small>on this device</small>
      </div>
      <ul className="mt-6">
        {VOICES.map((voice) => (
          <VoiceRow
            key={voice}
            voice={voice}
            isOn={on.includes(voice)}
            onTurn={(isOn) => void turn(voice, isOn)}
            onTry={() => void attempt(voice)}
          />
        ))}
      </ul>
      {refused && (
        <p role="alert">
          The browser refuses it: allow it for this page in the browser’s own settings, then try again.
        </p>
      )}
      <Unsafe />
    </section>
  );
}

interface VoiceRowProps {
  readonly voice: Voice;
  readonly isOn: boolean;
  readonly onTurn: (isOn: boolean) => void;
  readonly onTry: () => void;
}

function VoiceRow({ voice, isOn, onTurn, onTry }: VoiceRowProps) {
  const can = browserVoices.can(voice);
  return (
    <li className="row wrap-nowrap gap-10 pt-4 pb-4">
      <FormControlLabel
        className="flex-1"
        control={<Switch checked={isOn && can} disabled={!can} onChange={(_, checked) => onTurn(checked)} />}
        label={can ? NAMES[voice] : `${NAMES[voice]}: not to be had in this browser here`}
      />
      <Button variant="outlined" disabled={!can} onClick={onTry} aria-label={`Try: ${NAMES[voice]}`}>
        Try
      </Button>
    </li>
  );
}

/** Over a home network without a certificate a browser gives less: said, so that nobody counts on it. */
function Unsafe() {
  if (window.isSecureContext) return null;
  return (
    <p className="small mt-8">
      Over this network the browser keeps no screen awake and shows no notifications: keep the screen on by
      hand. Presses are kept on this page while the server is away, but the page cannot be loaded anew until
      it is back.
    </p>
  );
}
