import { fileOf, takeCode, type ReadCodes } from '@core/formats/jobCode';
import { ok, refuse, type Result } from '@core/units/result';

/** Longest side a picture is read at, px: codes are found quicker in smaller ones, and read surer in larger. */
const SIDES_px = [1200, 2000, 700];

/** What the code in a picture says; a message where there is none to be read. */
export async function codeIn(picture: Blob): Promise<Result<string>> {
  const { default: jsQR } = await import('jsqr');
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(picture);
  } catch {
    return refuse('That file cannot be read as a picture. Choose a JPEG or PNG.');
  }
  for (const side of SIDES_px) {
    const share = Math.min(1, side / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(bitmap.width * share));
    canvas.height = Math.max(1, Math.round(bitmap.height * share));
    const draw = canvas.getContext('2d');
    draw?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    const pixels = draw?.getImageData(0, 0, canvas.width, canvas.height);
    const found = pixels && jsQR(pixels.data, pixels.width, pixels.height);
    if (found) {
      bitmap.close();
      return ok(found.data);
    }
  }
  bitmap.close();
  return refuse(
    'No code is to be read in that picture. Hold the phone square over it, near and in good light.',
  );
}

/** Takes the code of a picture to those read before. @returns what is read by now, and the job file once it is whole */
export async function readCode(
  before: ReadCodes | null,
  picture: Blob,
): Promise<Result<{ read: ReadCodes; file: File | null }>> {
  const code = await codeIn(picture);
  if (!code.ok) return code;
  const read = takeCode(before, code.value);
  if (!read.ok) return read;
  const whole = fileOf(read.value);
  if (whole === null) return ok({ read: read.value, file: null });
  if (!whole.ok) return whole;
  return ok({
    read: read.value,
    file: new File([whole.value], 'code.job.json', { type: 'application/json' }),
  });
}
