import { useEffect, useState } from 'react';
import type { Decoded } from '@core/rods/word';
import { loadChecks } from './lazyChecks';

/** What a text on a rod comes to; null while nothing is typed, or the reader is still on its way. */
export function useRodWord(text: string): Decoded | null {
  const [read, setRead] = useState<{ text: string; decoded: Decoded } | null>(null);
  useEffect(() => {
    let wanted = true;
    if (text.trim() !== '')
      void loadChecks().then(({ decodeRod }) => wanted && setRead({ text, decoded: decodeRod(text) }));
    return () => {
      wanted = false;
    };
  }, [text]);
  return text.trim() === '' || read?.text !== text ? null : read.decoded;
}
