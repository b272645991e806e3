import type { Piece } from '~core/pieces/piece-board';
import { shapePath } from '~core/pieces/shape-path';

/** What is seen of a piece, about its own middle. */
export function PieceShape({
  piece,
  address,
}: {
  piece: Piece;
  /** Where a picture is. */
  address: (picture: string) => string;
}) {
  const { kind, text, picture, shape, width, height } = piece;
  const [x, y] = [-width / 2, -height / 2];
  if (kind === 'line') {
    return <rect className="loose__line" {...{ x, y, width, height }} rx={height / 2} />;
  }
  if (shape !== undefined) {
    return (
      <path
        className="loose__shape"
        d={shapePath(shape, width, height)}
        transform={`translate(${x} ${y})`}
      />
    );
  }
  return (
    <>
      <rect className="loose__card" {...{ x, y, width, height }} rx={12} />
      {picture !== undefined ? (
        <image
          href={address(picture)}
          x={x + 8}
          y={y + 8}
          width={width - 16}
          height={height - 16}
        />
      ) : (
        <text
          className="loose__word"
          // A long text is drawn in; a short one has the size of all others.
          fontSize={Math.min(height * 0.56, ((width - 24) / Math.max(1, [...text].length)) * 2.05)}
          textAnchor="middle"
          dominantBaseline="central"
        >
          {text}
        </text>
      )}
    </>
  );
}
