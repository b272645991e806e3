import { useEffect, useState } from 'react';
import type { LessonPart } from '~core/records/lesson';
import { PaperPage } from '~/ui/PaperPage';
import { engine } from '~/workers/engine.client';
import type { Preview } from '~/workers/part-builder';
import type { PartContext } from '~/workers/part-maker';

/** The first page of an exercise, small; an empty sheet while it is made, or where there is none. */
export function SmallPage({
  part,
  context,
}: {
  readonly part: LessonPart | undefined;
  readonly context: PartContext;
}) {
  const [preview, setPreview] = useState<Preview>();
  useEffect(() => {
    let stale = false;
    if (part)
      void engine()
        .preview(part, context)
        .then(
          (made) => !stale && setPreview(made),
          // A page that cannot be made stays empty here; the lesson itself says why.
          () => undefined,
        );
    return () => {
      stale = true;
    };
  }, [part, context]);
  return (
    <div className="small-page" aria-hidden="true" inert>
      {preview?.missing === undefined && preview && (
        <PaperPage
          marks={preview.marks}
          paper={preview.paper}
          font={preview.font}
          colour={preview.colour}
          label=""
        />
      )}
    </div>
  );
}
