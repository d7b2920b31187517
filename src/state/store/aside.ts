import { DAMAGED_PREFIX } from '../keys';

/** What cannot be read as it stands, as it is set aside: under a key of its own, with why and whose it is. */
export const asideOf = (
  key: string,
  reason: string,
  text: string,
  part?: string,
): Record<string, string> => ({
  [`${DAMAGED_PREFIX}${key}${part === undefined ? '' : `/${part}`}/${fingerprint(text)}`]: JSON.stringify({
    key,
    reason,
    text,
    ...(part === undefined ? {} : { part }),
  }),
});

/** Tells texts apart, so that setting the same one aside twice leaves one. */
const fingerprint = (text: string): string => {
  let sum = 0;
  for (let n = 0; n < text.length; n++) sum = (Math.imul(sum, 31) + text.charCodeAt(n)) | 0;
  return `${text.length}-${(sum >>> 0).toString(36)}`;
};
