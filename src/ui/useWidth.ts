import { useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';

/** Narrower than this nothing is drawn: a page that is put away measures as nothing, px. */
const LEAST_px = 80;

/** How wide a picture may be: as wide as what it stands in. @param first until that is known, px */
export function useWidth(first: number): [number, (event: LayoutChangeEvent) => void] {
  const [width, setWidth] = useState(first);
  return [
    width,
    ({ nativeEvent }) => {
      if (nativeEvent.layout.width >= LEAST_px) setWidth(nativeEvent.layout.width);
    },
  ];
}
