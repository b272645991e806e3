import type { Post } from '~core/room/posts';
import { Strokes } from '~/board/Pen';
import { t } from '~/phrases/t';

/** What somebody put on the wall; whose it is, is not said. */
export function PostView({ post }: { post: Post }) {
  switch (post.kind) {
    case 'text':
      return <p className="learner-text room-post__text">{post.text}</p>;
    case 'picture':
      return (
        <img className="room-post__picture" src={post.picture} alt={t('room.putUpBySomebodyIn')} />
      );
    case 'drawing':
      return (
        <svg className="room-post__drawing" viewBox="0 0 1000 562.5" role="img">
          <title>{t('room.aDrawingOfTheClass')}</title>
          <Strokes strokes={post.strokes} />
        </svg>
      );
  }
}
