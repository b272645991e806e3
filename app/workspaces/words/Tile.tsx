import { useId } from 'react';
import { BsCheckCircleFill, BsInfoCircle } from 'react-icons/bs';
import { MarkedWord } from '~/ui/MarkedWord';
import { Picture } from '~/ui/Picture';
import { ReachTag } from '~/ui/ReachTag';
import type { WordTileData } from '~/workers/engine-service';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

export interface TileProps {
  readonly tile: WordTileData;
  readonly chosen: boolean;
  readonly onToggle: () => void;
  readonly onOpen: () => void;
}

/** A word that was found: a press keeps it in the list, the sign at its end opens its card. */
export function Tile({ tile, chosen, onToggle, onOpen }: TileProps) {
  const { word, reach, picture, partner, says } = tile;
  const id = useId();
  return (
    <div className={chosen ? 'tile tile--chosen' : 'tile'}>
      <button
        type="button"
        className="tile__word"
        aria-pressed={chosen}
        aria-label={`${word}${partner ? t('words.and', { partner }) : ''}, ${coreName(reach.reach)}`}
        title={reach.reasons.map((reason) => reason.text).join(' ')}
        // Short by default; whoever asks for the description hears the graphemes and sounds.
        aria-describedby={says === '' ? undefined : id}
        onClick={onToggle}
      >
        <MarkedWord units={tile.units} />
        {partner && <span className="tile__partner">{partner}</span>}
        <span className="tile__side">
          {reach.reach !== 'secure' && <ReachTag reach={reach.reach} />}
          {chosen && <BsCheckCircleFill className="tile__tick" aria-hidden="true" />}
          {picture && <Picture picture={picture} kind="line" />}
        </span>
      </button>
      <span id={id} hidden>
        {says}
      </span>
      <button
        type="button"
        className="tile__open"
        aria-label={t('words.about2', { word })}
        onClick={onOpen}
      >
        <BsInfoCircle aria-hidden="true" />
      </button>
    </div>
  );
}
