import { useState } from 'react';
import { shapes, type Pile, type Shape } from '~core/pieces/piece-board';
import { t } from '~/phrases/t';

const ready: readonly Pile[] = [
  { id: 'line', kind: 'line', text: '' },
  ...(Object.keys(shapes) as Shape[]).map((shape): Pile => ({
    id: shape,
    kind: 'shape',
    text: shapes[shape].toLowerCase(),
    shape,
  })),
];

/** Piles that never run out: words that are written, pictures of words, lines and shapes. */
export function Piles({
  words,
  pictureOf,
  onTake,
}: {
  /** Words of the lesson. */
  words: readonly string[];
  pictureOf: (word: string) => string | undefined;
  /** Takes one from each of the piles. */
  onTake: (piles: readonly Pile[]) => void;
}) {
  const [text, setText] = useState('');
  return (
    <div className="board-row loose-piles" role="group" aria-label={t('pieces.piles')}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          // Several words, or the words of a sentence, come as a piece each.
          onTake(
            text
              .split(/\s+/)
              .filter(Boolean)
              .map((word) => ({ id: word, kind: 'word', text: word.slice(0, 120) })),
          );
          setText('');
        }}
      >
        <input
          className="form-control"
          aria-label={t('pieces.wordsForNewPieces')}
          placeholder={t('pieces.wordsOrASentence')}
          maxLength={300}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
      </form>
      {words.length > 0 && (
        <select
          className="board-button"
          aria-label={t('pieces.aWordOfTheLesson')}
          value=""
          onChange={(event) => {
            const word = event.currentTarget.value;
            onTake([{ id: word, kind: 'word', text: word }]);
          }}
        >
          <option value="">{t('pieces.wordsOfTheLesson')}</option>
          {words.map((word) => (
            <option key={word}>{word}</option>
          ))}
        </select>
      )}
      {words.some(pictureOf) && (
        <select
          className="board-button"
          aria-label={t('pieces.aPictureOfAWord')}
          value=""
          onChange={(event) => {
            const word = event.currentTarget.value;
            const picture = pictureOf(word);
            if (picture) onTake([{ id: word, kind: 'picture', text: word, picture }]);
          }}
        >
          <option value="">{t('pieces.pictures')}</option>
          {words.filter(pictureOf).map((word) => (
            <option key={word}>{word}</option>
          ))}
        </select>
      )}
      <select
        className="board-button"
        aria-label={t('pieces.aShape')}
        value=""
        onChange={(event) => {
          const pile = ready.find(({ id }) => id === event.currentTarget.value);
          if (pile) onTake([pile]);
        }}
      >
        <option value="">{t('pieces.linesAndShapes')}</option>
        {ready.map(({ id, shape }) => (
          <option key={id} value={id}>
            {shape ? shapes[shape] : t('pieces.line')}
          </option>
        ))}
      </select>
    </div>
  );
}
