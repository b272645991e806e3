/** Where the pictures are: colour for the screen and the board, line drawings for the printer. */
export function pictureAddress(picture: string, kind: 'colour' | 'line'): string {
  return picture.startsWith('data:') ? picture : `/pictures/${kind}/${picture}.svg`;
}

export interface PictureProps {
  /** Name of a shipped picture, or a data URL of the teacher's own. */
  readonly picture: string;
  readonly kind?: 'colour' | 'line';
  /** What it shows; empty where the word stands beside it. */
  readonly name?: string;
  /** Millimetres or pixels as CSS. */
  readonly size?: string;
}

/** A picture of a word. */
export function Picture({ picture, kind = 'colour', name = '', size = '2rem' }: PictureProps) {
  return (
    <img
      className="picture"
      src={pictureAddress(picture, kind)}
      alt={name}
      style={{ width: size, height: size }}
      loading="lazy"
      draggable={false}
    />
  );
}
