/** What lies on a class's desk: its lessons, lists and texts, what was worked on last first. */
import type { ClassProfile } from '~core/classes/class-profile';
import { besideWords } from '~core/lists/beside-words';
import { partsOf } from '~core/records/lesson';
import { materialOf } from '~core/texts/reading/text-material';
import { lastTouched } from '~/storage/change';
import { lessonsOfClass, listsOfClass, textsOfClass } from '~/storage/repository';

/** What was worked on last first; what was never touched keeps its order. */
const latestFirst = <Item extends { readonly id: string }>(
  items: readonly Item[],
  table: string,
  touched: ReadonlyMap<string, number>,
) => {
  const at = ({ id }: Item) => touched.get(`${table}/${id}`) ?? 0;
  return [...items].sort((one, other) => at(other) - at(one));
};

export async function deskOf(profile: ClassProfile) {
  const [lists, lessons, texts, touched] = await Promise.all([
    listsOfClass(profile.id),
    lessonsOfClass(profile.id),
    textsOfClass(profile.id),
    lastTouched(),
  ]);
  return {
    profile,
    lessons: latestFirst(lessons, 'lessons', touched).map((lesson) => ({
      lesson,
      at: touched.get(`lessons/${lesson.id}`),
      // Its first exercise is what is seen of it.
      first: partsOf(lesson).find(({ kind }) => kind === 'exercise'),
    })),
    lists: latestFirst(lists, 'lists', touched),
    texts: latestFirst(texts, 'texts', touched).map(({ id, title }) => ({ id, title })),
    context: {
      profile,
      footer: profile.name,
      beside: besideWords(lists),
      texts: Object.fromEntries(texts.map((text) => [text.id, materialOf(text)])),
    },
  };
}

export type Desk = Awaited<ReturnType<typeof deskOf>>;
