import { useMemo, useState } from 'react';
import { postsOn, ringsOn, type Post } from '~core/room/posts';
import type { RoomState } from '~core/room/room-state';
import type { RoomQuestion } from '~core/room/show';
import { useUnfit } from './ClassThinks';
import { PostView } from './PostView';
import { RingsOn } from './RingPicture';

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
            ? 'Nothing has been put up yet.'
            : `${posts.length} put up${closed > 0 ? `, ${closed} of them still closed` : ''}.`}
        </p>
        {closed > 0 && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => setOpened(new Set(posts.map(({ id }) => id)))}
          >
            Open all
          </button>
        )}
        {open.length > 0 && !isShared && (
          <button
            type="button"
            className="btn btn-sm btn-dark"
            onClick={() => share(open.map(({ post }) => post))}
          >
            {wall ? 'Let all see what is new' : 'Let all see the wall'}
          </button>
        )}
        {wall && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => share(undefined)}
          >
            Take the wall from their screens
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
                  aria-label={`Look at number ${at + 1} together`}
                  onClick={() => look(each.post)}
                >
                  Look at it together
                </button>
              </>
            ) : (
              <>
                <p className="quiet mb-1">
                  {each.post.kind === 'text'
                    ? 'A text that may not be for all'
                    : each.post.kind === 'drawing'
                      ? 'A drawing'
                      : 'A picture'}
                </p>
                <button
                  type="button"
                  className="btn btn-sm btn-outline-dark"
                  aria-label={`Open number ${at + 1}`}
                  onClick={() => setOpened(new Set([...opened, each.id]))}
                >
                  Open it
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
          ? 'No ring has been set yet.'
          : `${rings.length} of ${room.members.length} have set a ring.`}
      </p>
      <RingsOn picture={question.picture ?? ''} rings={rings} />
    </>
  );
}
