import { choosePhoto, keepPhoto } from './photos';
import { makeRoom, notify } from './store';

/** Lets the person take or choose a picture and keeps it. @returns its id; null where none was chosen, or it could not be kept, which is told */
export async function takePhoto(): Promise<string | null> {
  const file = await choosePhoto();
  if (!file) return null;
  const kept = await keepPhoto(file, makeRoom);
  if (kept.ok) return kept.value;
  notify(kept.message);
  return null;
}
