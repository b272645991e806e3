import { useState } from 'react';
import type { Stroke } from '~core/board/drawn';
import {
  fitsAnswer,
  MOST_POSTS,
  PICTURE_SIZE,
  postFrom,
  postPlace,
  POST_LENGTH,
  type Post,
} from '~core/room/posts';
import { NO_PICTURE, readPicture } from '~/ui/read-picture';
import { DrawPad } from './DrawPad';
import { PostView } from './PostView';
import { t } from '~/phrases/t';

const ways = {
  text: t('room.write'),
  drawing: t('room.draw'),
  picture: t('room.aPicture'),
} as const;
type Way = keyof typeof ways;

/** Pixels of the longer side of a picture: each smaller where the one before was too heavy. */
const SIDES = [480, 320, 220] as const;

async function smallPicture(file: File): Promise<string | undefined> {
  for (const side of SIDES) {
    const { picture } = await readPicture(file, { side, photograph: true });
    if (picture.length <= PICTURE_SIZE) return picture;
  }
  return undefined;
}

/** A learner puts text, a drawing or a picture on the wall, and can take it back. */
export function WallFace({
  question,
  kept,
  answer,
}: {
  question: string;
  /** What was answered under a place. */
  kept: (place: string) => object | undefined;
  answer: (place: string, response: object) => void;
}) {
  const [way, setWay] = useState<Way>('text');
  const [text, setText] = useState('');
  const [strokes, setStrokes] = useState<readonly Stroke[]>([]);
  const [problem, setProblem] = useState('');
  const places = Array.from({ length: MOST_POSTS }, (_, at) => postPlace(question, at));
  const mine = places.flatMap((place) => {
    const post = postFrom(kept(place));
    return post ? [{ place, post }] : [];
  });
  const free = places.find((place) => !mine.some((each) => each.place === place));
  const put = (post: Post) => {
    if (free === undefined) return;
    setProblem('');
    answer(
      free,
      post.kind === 'text'
        ? { text: post.text }
        : post.kind === 'drawing'
          ? { strokes: post.strokes }
          : { picture: post.picture },
    );
  };
  const putPicture = async (file: File | undefined) => {
    if (!file) return;
    try {
      const picture = await smallPicture(file);
      if (picture) put({ kind: 'picture', picture });
      else setProblem(t('room.thisPictureIsTooLarge'));
    } catch {
      setProblem(NO_PICTURE);
    }
  };
  return (
    <div className="room-wall-face">
      {free === undefined ? (
        <p role="status">{t('room.youHavePutUpTake', { MOSTPOSTS: MOST_POSTS })}</p>
      ) : (
        <>
          <div className="room-options room-options--row" role="group" aria-label={t('room.how')}>
            {Object.entries(ways).map(([id, name]) => (
              <button
                key={id}
                type="button"
                className="play-button"
                aria-pressed={way === id}
                onClick={() => setWay(id as Way)}
              >
                {name}
              </button>
            ))}
          </div>
          {way === 'text' && (
            <form
              onSubmit={(event) => {
                event.preventDefault();
                if (text.trim() === '') return;
                put({ kind: 'text', text });
                setText('');
              }}
            >
              <label className="d-block mb-2">
                {t('room.whatYouThink')}
                <textarea
                  className="form-control"
                  rows={3}
                  maxLength={POST_LENGTH}
                  value={text}
                  onChange={(event) => setText(event.currentTarget.value)}
                />
              </label>
              <button
                type="submit"
                className="play-button play-button--main"
                disabled={text.trim() === ''}
              >
                {t('room.putItUp')}
              </button>
            </form>
          )}
          {way === 'drawing' && (
            <>
              <DrawPad
                label={t('room.yourDrawing')}
                strokes={strokes}
                onStrokes={(next) => {
                  if (fitsAnswer(next)) setStrokes(next);
                  else setProblem(t('room.thereIsNoRoomFor'));
                }}
              />
              <button
                type="button"
                className="play-button play-button--main"
                disabled={strokes.length === 0}
                onClick={() => {
                  put({ kind: 'drawing', strokes });
                  setStrokes([]);
                }}
              >
                {t('room.putItUp')}
              </button>
            </>
          )}
          {way === 'picture' && (
            <label className="d-block mb-2">
              {t('room.aPhotographOrAPicture')}
              <input
                className="form-control"
                type="file"
                accept="image/*"
                onChange={(event) => {
                  void putPicture(event.currentTarget.files?.[0]);
                  event.currentTarget.value = '';
                }}
              />
            </label>
          )}
        </>
      )}
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      {mine.length > 0 && (
        <ul className="room-wall" aria-label={t('room.whatYouHavePutUp')}>
          {mine.map(({ place, post }, at) => (
            <li key={place} className="room-post">
              <PostView post={post} />
              <button
                type="button"
                className="btn btn-link btn-sm"
                aria-label={t('room.takeBackWhatYouPut', { at: at + 1 })}
                onClick={() => answer(place, {})}
              >
                {t('room.takeItBack')}
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
