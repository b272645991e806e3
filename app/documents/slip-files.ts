/** Slips from files: texts are read as they are, pictures are looked through for a QR code. */
import jsQR from 'jsqr';

/** Larger pictures are looked at at this width, in pixels: a code is found as well, and sooner. */
const MOST_WIDE = 1600;

async function codeInPicture(file: File): Promise<string> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, MOST_WIDE / picture.width);
  const [width, height] = [Math.round(picture.width * scale), Math.round(picture.height * scale)];
  const canvas = new OffscreenCanvas(width, height);
  const ink = canvas.getContext('2d');
  if (ink === null) return '';
  ink.drawImage(picture, 0, 0, width, height);
  const { data } = ink.getImageData(0, 0, width, height);
  return jsQR(data, width, height)?.data ?? '';
}

/** What each file says; an empty text where a picture has no code. */
export const textsOfSlipFiles = (files: readonly File[]): Promise<string[]> =>
  Promise.all(
    files.map(async (file) => {
      if (file.size > 20_000_000) return '';
      try {
        return file.type.startsWith('image/') ? await codeInPicture(file) : await file.text();
      } catch {
        return '';
      }
    }),
  );
