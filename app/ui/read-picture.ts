import { t } from '~/phrases/t'; /** A picture file of the teacher's own, made small enough to keep. */

export const NO_PICTURE = t('frame.thisFileIsNoPicture');

export interface ReadOptions {
  /** The longer side at most, in pixels. */
  readonly side: number;
  /** A photograph is lighter as JPEG; a drawing keeps its see-through parts as PNG. */
  readonly photograph?: boolean;
}

/** Reads and redraws the file. Fails where the browser cannot show it. */
export async function readPicture(
  file: File,
  { side, photograph = false }: ReadOptions,
): Promise<{ picture: string; ratio: number }> {
  const url = URL.createObjectURL(file);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    // A drawing without a size of its own is taken as a square.
    const [wide, high] = [image.naturalWidth || side, image.naturalHeight || side];
    const scale = Math.min(1, side / Math.max(wide, high));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(wide * scale));
    canvas.height = Math.max(1, Math.round(high * scale));
    const context = canvas.getContext('2d');
    if (photograph && context) {
      context.fillStyle = '#ffffff';
      context.fillRect(0, 0, canvas.width, canvas.height);
    }
    context?.drawImage(image, 0, 0, canvas.width, canvas.height);
    return {
      picture: photograph ? canvas.toDataURL('image/jpeg', 0.85) : canvas.toDataURL('image/png'),
      ratio: canvas.width / canvas.height,
    };
  } finally {
    URL.revokeObjectURL(url);
  }
}
