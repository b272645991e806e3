/** A shipped line drawing as a PNG, drawn by the browser. */
import { pictureAddress } from '~/ui/Picture';

const SIDE = 288;

export async function pictureBytes(name: string): Promise<Uint8Array<ArrayBuffer> | undefined> {
  const image = new Image(SIDE, SIDE);
  image.src = pictureAddress(name, 'line');
  try {
    await image.decode();
  } catch {
    return undefined;
  }
  const canvas = document.createElement('canvas');
  canvas.width = SIDE;
  canvas.height = SIDE;
  canvas.getContext('2d')?.drawImage(image, 0, 0, SIDE, SIDE);
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
