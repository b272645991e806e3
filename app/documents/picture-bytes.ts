/** A picture as a PNG, drawn by the browser: a shipped line drawing, or the teacher's own. */
import { pictureAddress } from '~/ui/Picture';

/** The longer side, in pixels. */
const SIDE = 288;
const OWN_SIDE = 1000;

export async function pictureBytes(name: string): Promise<Uint8Array<ArrayBuffer> | undefined> {
  const side = name.startsWith('data:') ? OWN_SIDE : SIDE;
  const image = new Image();
  image.src = pictureAddress(name, 'line');
  try {
    await image.decode();
  } catch {
    return undefined;
  }
  const [wide, high] = [image.naturalWidth || side, image.naturalHeight || side];
  const scale = side / Math.max(wide, high);
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(wide * scale);
  canvas.height = Math.round(high * scale);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  return blob ? new Uint8Array(await blob.arrayBuffer()) : undefined;
}

/** Every picture that can be drawn, by its name. */
export async function picturesByName(names: readonly string[]) {
  const drawn = await Promise.all(
    names.map(async (name) => [name, await pictureBytes(name)] as const),
  );
  return new Map(drawn.flatMap(([name, bytes]) => (bytes ? [[name, bytes] as const] : [])));
}
