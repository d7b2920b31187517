import { useEffect, useState } from 'react';
import { readPhoto } from './photos';

/** The address of a kept picture while it is shown; null where it is not on this device, undefined while it is looked for. */
export function usePhoto(id: string): string | null | undefined {
  const [url, setUrl] = useState<string | null | undefined>(undefined);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    void readPhoto(id).then((blob) => {
      if (gone) return;
      made = blob && URL.createObjectURL(blob);
      setUrl(made);
    });
    return () => {
      gone = true;
      if (made !== null) URL.revokeObjectURL(made);
    };
  }, [id]);
  return url;
}
