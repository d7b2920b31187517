import { useEffect, useRef } from 'react';
import { beatOf_s } from '@core/rods';
import { isBetween, parseClock } from '@core/units/when';
import type { Settings } from '@/state/record';
import type { OpenRun } from './useRun';

let sound: AudioContext | null = null;

/** A short tone; nothing where the browser has no sound or waits for a press first. */
function tone(hertz: number, seconds: number): void {
  if (typeof AudioContext === 'undefined') return;
  sound ??= new AudioContext();
  const { currentTime, destination } = sound;
  const wave = sound.createOscillator();
  const loud = sound.createGain();
  wave.frequency.value = hertz;
  loud.gain.setValueAtTime(0.2, currentTime);
  loud.gain.exponentialRampToValueAtTime(0.001, currentTime + seconds);
  wave.connect(loud).connect(destination);
  wave.start();
  wave.stop(currentTime + seconds);
}

const buzz = (pattern: number[]) => {
  // A page that nobody has touched yet may not buzz.
  if ('vibrate' in navigator) navigator.vibrate(pattern);
};

/** Whether it is an hour without tones; hours that cannot be read are none. */
function isQuiet({ from, till }: Settings['quiet']): boolean {
  const [begins, ends] = [parseClock(from), parseClock(till)];
  const now = new Date();
  return begins.ok && ends.ok && isBetween(60 * now.getHours() + now.getMinutes(), begins.value, ends.value);
}

/** Calls when what is about to bite has begun to, and beats the pace while the arc burns. */
export function useCalls({ state }: OpenRun, { calls, quiet }: Pick<Settings, 'calls' | 'quiet'>): void {
  const { bite, count } = state;
  const call = bite.how === 'now' ? bite.what : null;
  const last = useRef<string | null>(null);
  useEffect(() => {
    if (call !== null && call !== last.current) {
      if (calls.buzz) buzz([250, 120, 250]);
      if (calls.tone && !isQuiet(quiet)) tone(880, 0.5);
    }
    last.current = call;
  }, [call, calls.buzz, calls.tone, quiet]);

  const burning = count.on === null ? null : count.arcs.at(-1);
  const like = count.passes[(burning?.pass ?? 0) - 1]?.like;
  const beat_s = like ? beatOf_s(like) : null;
  const since_ms = count.on?.since_ms ?? null;
  useEffect(() => {
    if (!calls.pace || since_ms === null || beat_s === null) return undefined;
    const beat = setInterval(() => {
      if (!isQuiet(quiet)) tone(1320, 0.06);
      if (calls.buzz) buzz([30]);
    }, 1000 * beat_s);
    return () => clearInterval(beat);
  }, [calls.pace, calls.buzz, since_ms, beat_s, quiet]);
}
