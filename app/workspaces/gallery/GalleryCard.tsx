import { useEffect, useRef } from 'react';
import type { MakerInfo } from '~core/exercises/catalogue';
import { PaperPage } from '~/ui/PaperPage';
import type { Preview } from '~/workers/part-builder';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** How much an exercise gives, in a line. */
export const factsOf = (preview: Extract<Preview, { readonly missing: undefined }>) =>
  t('gallery.min', {
    items: t('gallery.items', { count: preview.items }),
    pages: t('gallery.pages', { count: preview.pages }),
    minutes: preview.minutes,
  });

export interface GalleryCardProps {
  readonly info: MakerInfo;
  readonly preview: Preview | undefined;
  readonly selected: boolean;
  readonly star: boolean;
  readonly onSeen: (maker: string) => void;
  readonly onSelect: (maker: string) => void;
  /** A click of a mouse or Enter takes it; a touch shows it first. */
  readonly onTake: (maker: string) => void;
}

/** An exercise as the small page that it would be. */
export function GalleryCard(props: GalleryCardProps) {
  const { info, preview, selected, star, onSeen, onSelect, onTake } = props;
  const card = useRef<HTMLLIElement>(null);
  useEffect(() => {
    const element = card.current;
    if (!element) return undefined;
    const watcher = new IntersectionObserver(
      (entries) => entries.some(({ isIntersecting }) => isIntersecting) && onSeen(info.id),
      { rootMargin: '120px' },
    );
    watcher.observe(element);
    return () => watcher.disconnect();
  }, [info.id, onSeen]);
  const missing = preview?.missing;
  return (
    <li
      ref={card}
      className={`gallery-card${selected ? ' gallery-card--selected' : ''}${missing === undefined ? '' : ' gallery-card--missing'}`}
      // A mouse that stands still while cards move beneath it points at nothing.
      onPointerMove={({ pointerType, movementX, movementY }) => {
        if (pointerType === 'mouse' && (movementX !== 0 || movementY !== 0)) onSelect(info.id);
      }}
    >
      <div className="gallery-card__page" aria-hidden="true" inert>
        {preview === undefined ? (
          <span className="gallery-card__wait" />
        ) : preview.missing !== undefined ? (
          <p>{preview.missing}</p>
        ) : (
          <PaperPage
            marks={preview.marks}
            paper={preview.paper}
            font={preview.font}
            colour={preview.colour}
            label={coreName(info.name)}
          />
        )}
      </div>
      <button
        type="button"
        className="gallery-card__name"
        data-maker={info.id}
        onFocus={() => onSelect(info.id)}
        onClick={(event) => {
          const touch = (event.nativeEvent as PointerEvent).pointerType === 'touch';
          onSelect(info.id);
          if (!touch && missing === undefined) onTake(info.id);
        }}
      >
        {star && <span className="visually-hidden">{t('gallery.starred')} </span>}
        {coreName(info.name)}
      </button>
      <span className="gallery-card__facts">
        {preview === undefined
          ? t('gallery.beingMade')
          : preview.missing !== undefined
            ? t('gallery.cannotBeMadeYet')
            : factsOf(preview)}
      </span>
    </li>
  );
}
