import { useCallback, useEffect, useRef, useState } from 'react';
import { Ear, type HeardArc } from '@core/ear';

/** What the ear is at. 'refused': no microphone was given, or it was taken away. */
export type EarState = 'off' | 'asking' | 'learning' | 'quiet' | 'arc' | 'refused';

interface Told {
  /** An arc has begun, so many ms ago. */
  began(ago_ms: number, sure: number): void;
  /** It has ended, so many ms ago. */
  ended(ago_ms: number, arc: HeardArc): void;
}

const SIZE = 2048;
/** Pieces of sound are looked at so often, ms: no arc is so short that it falls between. */
const EVERY_ms = 60;

/**
 * Hears the arc through the phone's microphone. Sound is looked at piece by piece and thrown away: nothing of it is kept or sent. What is told
 * of an arc goes by the sound's own clock.
 */
export function useEar(told: Told): { state: EarState; listen: () => void; stop: () => void } {
  const [state, setState] = useState<EarState>('off');
  const [on, setOn] = useState(false);
  const tell = useRef(told);
  useEffect(() => {
    tell.current = told;
  });
  useEffect(() => {
    if (!on) return undefined;
    let gone = false;
    let close: () => void = () => undefined;
    const begin = async () => {
      const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      });
      const sound = new AudioContext();
      const looks = sound.createAnalyser();
      looks.fftSize = SIZE;
      sound.createMediaStreamSource(stream).connect(looks);
      const ear = new Ear(sound.sampleRate, SIZE);
      const samples = new Float32Array(SIZE);
      let burning = false;
      const look = setInterval(() => {
        looks.getFloatTimeDomainData(samples);
        const at_s = sound.currentTime;
        const ended = ear.hear(samples, at_s);
        const { state: at, from_s, sure } = ear.now();
        setState(at);
        if (at === 'arc' && !burning) {
          burning = true;
          tell.current.began(1000 * (at_s - (from_s ?? at_s)), sure);
        }
        if (ended) {
          burning = false;
          tell.current.ended(1000 * (at_s - ended.to_s), ended);
        }
      }, EVERY_ms);
      close = () => {
        clearInterval(look);
        stream.getTracks().forEach((track) => track.stop());
        void sound.close();
      };
      // Taken away while it listens: the other ways are left.
      stream.getTracks().forEach((track) => {
        track.onended = () => {
          setState('refused');
          setOn(false);
        };
      });
      if (gone) close();
    };
    // A browser without a microphone has no such word.
    const offered = (navigator as Partial<Pick<Navigator, 'mediaDevices'>>).mediaDevices !== undefined;
    (offered ? begin() : Promise.reject(new Error('no microphone'))).catch(() => {
      if (gone) return;
      setState('refused');
      setOn(false);
    });
    return () => {
      gone = true;
      close();
    };
  }, [on]);
  const listen = useCallback(() => {
    setState('asking');
    setOn(true);
  }, []);
  const stop = useCallback(() => {
    setState('off');
    setOn(false);
  }, []);
  return { state, listen, stop };
}
