'use client';
/** How a page calls: a beep, a shake, a spoken line, a note of the system. Behind a port, so that tests hear it. */

export const VOICES = ['beep', 'vibrate', 'speak', 'notify'] as const;
export type Voice = (typeof VOICES)[number];

export interface Voices {
  /** Whether this browser has it, here: some are only to be had on a secure page. */
  can(voice: Voice): boolean;
  /** Asks where it must be asked; false where it was refused. Called from a press. */
  ready(voice: Voice): Promise<boolean>;
  call(voice: Voice, text: string): void;
}

const BEEP_HZ = 880;
const BEEP_S = 0.25;
const SHAKE_MS = [300, 120, 300];

/** Sound is allowed once somebody has pressed something: the context is kept from then on. */
let sound: AudioContext | null = null;

function soundNow(): AudioContext | null {
  if (typeof AudioContext === 'undefined') return null;
  sound ??= new AudioContext();
  return sound;
}

/** Three short ones: heard over a compressor. */
function beep(): void {
  const context = soundNow();
  if (!context) return;
  void context.resume();
  for (let i = 0; i < 3; i++) {
    const at = context.currentTime + i * BEEP_S * 1.6;
    const tone = context.createOscillator();
    const level = context.createGain();
    tone.frequency.value = BEEP_HZ;
    level.gain.setValueAtTime(0.4, at);
    level.gain.exponentialRampToValueAtTime(0.001, at + BEEP_S);
    tone.connect(level).connect(context.destination);
    tone.start(at);
    tone.stop(at + BEEP_S);
  }
}

function speak(text: string): void {
  const line = new SpeechSynthesisUtterance(text);
  line.lang = 'en';
  line.rate = 0.95;
  window.speechSynthesis.speak(line);
}

function notify(text: string): void {
  if (Notification.permission === 'granted') new Notification('Pellucid', { body: text, tag: text });
}

export const browserVoices: Voices = {
  can(voice) {
    if (typeof window === 'undefined') return false;
    const has: Readonly<Record<Voice, () => boolean>> = {
      beep: () => typeof AudioContext !== 'undefined',
      vibrate: () => 'vibrate' in navigator,
      speak: () => 'speechSynthesis' in window,
      notify: () => 'Notification' in window && window.isSecureContext,
    };
    return has[voice]();
  },
  async ready(voice) {
    if (voice === 'beep') await soundNow()?.resume();
    if (voice !== 'notify') return true;
    return (await Notification.requestPermission()) === 'granted';
  },
  call(voice, text) {
    const calls: Readonly<Record<Voice, () => void>> = {
      beep,
      vibrate: () => void navigator.vibrate(SHAKE_MS),
      speak: () => speak(text),
      notify: () => notify(text),
    };
    calls[voice]();
  },
};
