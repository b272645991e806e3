import { useEffect, useRef, useState } from 'react';
import type { LessonPart } from '~core/records/lesson';
import { PaperPage, type PaperPageProps } from '~/ui/PaperPage';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import type { ShelfPreview as Preview } from './shelf-things';

type Page = Pick<PaperPageProps, 'marks' | 'paper' | 'font' | 'colour'>;

/** The first page of an exercise or a sheet; undefined where it cannot be made. */
async function firstPage(
  part: LessonPart,
  beside: readonly LessonPart[],
  context: PartContext,
): Promise<Page | undefined> {
  if (part.kind === 'exercise') {
    const made = await engine().preview(part, context);
    return made.missing === undefined ? made : undefined;
  }
  const made = await engine().buildSheet(part, beside, context);
  if ('broken' in made) return undefined;
  const { sheet } = made;
  const [page] = sheet.pages;
  return page && { marks: page.marks, paper: sheet.paper, font: sheet.font, colour: sheet.colour };
}

/** A thing as a small page, made when it comes into sight; an empty one where there is nothing to see. */
export function ShelfPreview({
  preview,
  contextOf,
}: {
  preview: Preview | undefined;
  /** What the exercises of its class are made with. */
  contextOf: () => Promise<PartContext | undefined>;
}) {
  const place = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  const [page, setPage] = useState<Page>();
  useEffect(() => {
    const seen = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) setNear(true);
      },
      { rootMargin: '200px' },
    );
    if (place.current) seen.observe(place.current);
    return () => seen.disconnect();
  }, []);
  useEffect(() => {
    if (!near || preview?.kind !== 'part') return undefined;
    let stale = false;
    contextOf()
      .then((context) => context && firstPage(preview.part, preview.beside, context))
      .then(
        (made) => !stale && setPage(made),
        // A page that cannot be made stays empty here; the lesson itself says why.
        () => undefined,
      );
    return () => {
      stale = true;
    };
    // It is made once for what is on the shelf now.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [near, preview]);
  return (
    <div className="small-page shelf-page" aria-hidden="true" inert ref={place}>
      {page && <PaperPage {...page} label="" />}
      {near && preview?.kind === 'written' && (
        <div className="shelf-page__written">
          <strong>{preview.title}</strong>
          {preview.text}
        </div>
      )}
      {near && preview?.kind === 'picture' && <img src={preview.address} alt="" />}
    </div>
  );
}
