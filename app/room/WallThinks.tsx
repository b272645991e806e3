import { useMemo, useState } from 'react';
import { postsOn, ringsOn, type Post } from '~core/room/posts';
import type { RoomState } from '~core/room/room-state';
import type { RoomQuestion } from '~core/room/show';
import { useUnfit } from './ClassThinks';
import { PostView } from './PostView';
import { RingsOn } from './RingPicture';
import { t } from '~/phrases/t';

/** What a class has put on the wall. Pictures and drawings, and words that are not for all, are opened by the teacher. */
export function WallThinks({
  question,
  room,
  wall,
  look,
  share,
}: {
  question: RoomQuestion;
  room: RoomState;
  /** What all see of it now. */
  wall: readonly Post[] | undefined;
  look: (post: Post) => void;
  share: (posts: readonly Post[] | undefined) => void;
}) {
  const posts = useMemo(() => postsOn(room, question.id), [room, question.id]);
  const texts = posts.flatMap(({ post }) => (post.kind === 'text' ? [post.text] : []));
  const unfit = useUnfit(texts);
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const isOpen = ({ id, post }: (typeof posts)[number]) =>
    opened.has(id) || (post.kind === 'text' && unfit !== undefined && !unfit.has(post.text));
  const open = posts.filter(isOpen);
  const closed = posts.length - open.length;
  const isShared = JSON.stringify(wall) === JSON.stringify(open.map(({ post }) => post));
  return (
    <>
      <h2 className="room-question__text">{question.text}</h2>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <p role="status" className="quiet small mb-0 me-auto">
          {posts.length === 0
            ? t('room.nothingHasBeenPutUp')
            : t('room.putUp', {
                posts: posts.length,
                which: closed > 0 ? t('room.ofThemStillClosed', { closed }) : '',
              })}
        </p>
        {closed > 0 && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => setOpened(new Set(posts.map(({ id }) => id)))}
          >
            {t('room.openAll')}
          </button>
        )}
        {open.length > 0 && !isShared && (
          <button
            type="button"
            className="btn btn-sm btn-dark"
            onClick={() => share(open.map(({ post }) => post))}
          >
            {wall ? t('room.letAllSeeWhatIs') : t('room.letAllSeeTheWall')}
          </button>
        )}
        {wall && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => share(undefined)}
          >
            {t('room.takeTheWallFromTheir')}
          </button>
        )}
      </div>
      <ul className="room-wall">
        {posts.map((each, at) => (
          <li key={each.id} className="room-post">
            {isOpen(each) ? (
              <>
                <PostView post={each.post} />
                <button
                  type="button"
                  className="btn btn-link btn-sm"
                  aria-label={t('room.lookAtNumberTogether', { at: at + 1 })}
                  onClick={() => look(each.post)}
                >
                  {t('room.lookAtItTogether')}
                </button>
              </>
            ) : (
              <>
                <p className="quiet mb-1">
                  {each.post.kind === 'text'
                    ? t('room.aTextThatMayNot')
                    : each.post.kind === 'drawing'
                      ? t('room.aDrawing')
                      : t('room.aPicture')}
                </p>
                <button
                  type="button"
                  className="btn btn-sm btn-outline-dark"
                  aria-label={t('room.openNumber', { at: at + 1 })}
                  onClick={() => setOpened(new Set([...opened, each.id]))}
                >
                  {t('room.openIt')}
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Where a class has set its rings. */
export function RingThinks({ question, room }: { question: RoomQuestion; room: RoomState }) {
  const rings = useMemo(() => ringsOn(room, question.id), [room, question.id]);
  return (
    <>
      <h2 className="room-question__text">{question.text}</h2>
      <p role="status" className="quiet small">
        {rings.length === 0
          ? t('room.noRingHasBeenSet')
          : t('room.ofHaveSetARing', { rings: rings.length, members: room.members.length })}
      </p>
      <RingsOn picture={question.picture ?? ''} rings={rings} />
    </>
  );
}
