/**
 * QTI 3.0 items read in part: questions with one right answer of several, and sentences with gaps
 * that are typed or chosen. They come in as lines that a teacher can change. Nothing in a package is
 * run; what is not read is said.
 */
import { DomUtils, parseDocument } from 'htmlparser2';

const { getElementsByTagName, textContent } = DomUtils;
type Document = ReturnType<typeof parseDocument>;
type Element = ReturnType<typeof getElementsByTagName>[number];

export interface ReadItems {
  /** Lines of “My own questions”. */
  readonly questions: readonly string[];
  /** Lines of “My own gaps”. */
  readonly sentences: readonly string[];
  /** What was left, a sentence each. */
  readonly left: readonly string[];
}

/** Letters of a line. */
const LONGEST = 1000;

const plain = (text: string) =>
  text.replace(/\s+/g, ' ').replace(/\|/g, '/').replace(/_{3,}/g, '…').trim().slice(0, LONGEST);

const all = (name: string, within: Document | Element): Element[] =>
  getElementsByTagName(name, within.children);

/** Right values of each response, and other texts that have a mark. */
function rightOf(item: Document): ReadonlyMap<string, readonly string[]> {
  return new Map(
    all('qti-response-declaration', item).map((declaration) => {
      const correct = all('qti-correct-response', declaration).flatMap((each) =>
        all('qti-value', each).map((value) => textContent(value).trim()),
      );
      const mapped = all('qti-map-entry', declaration)
        .filter(({ attribs }) => Number(attribs['mapped-value']) > 0)
        .map(({ attribs }) => (attribs['map-key'] ?? '').trim());
      return [
        declaration.attribs['identifier'] ?? '',
        [...new Set([...correct, ...mapped])].filter((each) => each !== ''),
      ];
    }),
  );
}

/** Texts that the processing takes for a response beside its key. */
function matchedWith(item: Document, identifier: string): string[] {
  return all('qti-string-match', item)
    .filter((match) =>
      all('qti-variable', match).some(({ attribs }) => attribs['identifier'] === identifier),
    )
    .flatMap((match) => all('qti-base-value', match).map((value) => textContent(value).trim()));
}

const GAP = '\u0000';

/** The text of an element, with a sign where each gap stands; what only a teacher sees is not in it. */
function withGaps(element: Element, gaps: ReadonlySet<Element>): string {
  let text = '';
  for (const child of element.children) {
    if (child.type === 'text') text += child.data;
    else if (child.type === 'tag' && gaps.has(child)) text += GAP;
    else if (child.type === 'tag' && child.name !== 'qti-rubric-block') {
      text += `${withGaps(child, gaps)} `;
    }
  }
  return text;
}

function question(
  item: Document,
  right: ReadonlyMap<string, readonly string[]>,
): string | undefined {
  const [interaction] = all('qti-choice-interaction', item);
  if (interaction === undefined) return undefined;
  const [key, ...more] = right.get(interaction.attribs['response-identifier'] ?? '') ?? [];
  const choices = all('qti-simple-choice', interaction).map((choice) => ({
    id: choice.attribs['identifier'],
    text: plain(textContent(choice)),
  }));
  const answer = choices.find(({ id }) => id === key);
  if (answer === undefined || more.length > 0 || answer.text === '') return undefined;
  const [prompt] = all('qti-prompt', interaction);
  const [body] = all('qti-item-body', item);
  const before = body ? withGaps(body, new Set([interaction])).split(GAP)[0] : '';
  const asked = plain(prompt ? textContent(prompt) : (before ?? ''));
  const others = choices.filter(({ id }) => id !== key).map(({ text }) => text);
  return asked === '' || others.length === 0
    ? undefined
    : [asked, answer.text, ...others.filter((each) => each !== '')].join(' | ');
}

function sentence(
  item: Document,
  right: ReadonlyMap<string, readonly string[]>,
): string | undefined {
  const typed = [
    ...all('qti-text-entry-interaction', item),
    ...all('qti-inline-choice-interaction', item),
  ];
  const [body] = all('qti-item-body', item);
  if (typed.length === 0 || body === undefined) return undefined;
  const gaps = new Set(typed);
  // The block that holds the gaps; an instruction before it stays behind.
  const blocks = all('p', body).filter((block) => withGaps(block, gaps).includes(GAP));
  const shown = (blocks.length > 0 ? blocks : [body])
    .map((block) => withGaps(block, gaps))
    .join(' ');
  const ordered = all('*', body).filter((element) => gaps.has(element));
  const inOrder = ordered.length === typed.length ? ordered : typed;
  const answers = inOrder.map((gap) => {
    const identifier = gap.attribs['response-identifier'] ?? '';
    const keys = right.get(identifier) ?? [];
    const choices = new Map(
      all('qti-inline-choice', gap).map((choice) => [
        choice.attribs['identifier'] ?? '',
        textContent(choice).trim(),
      ]),
    );
    const texts = keys.map((key) => choices.get(key) ?? key);
    return [...new Set([...texts, ...matchedWith(item, identifier)])]
      .map((text) => plain(text).replace(/\//g, ' '))
      .join(' / ');
  });
  if (answers.some((each) => each === '')) return undefined;
  const line = shown
    .split(GAP)
    .map((text) => text.replace(/\s+/g, ' ').replace(/\|/g, '/').replace(/_{3,}/g, '…'))
    .join('___')
    .trim();
  return [line.slice(0, LONGEST), ...answers].join(' | ');
}

const nameOf = (item: Document, file: string) =>
  plain(all('qti-assessment-item', item)[0]?.attribs['title'] ?? '') || file;

/** How the kinds of interactions that are not read are called. */
const unread = /^qti-(.+)-interaction$/;

/**
 * @param files the texts of the items by their names in the package
 */
export function itemsFromQti(files: Readonly<Record<string, string>>): ReadItems {
  const questions: string[] = [];
  const sentences: string[] = [];
  const left: string[] = [];
  for (const [file, xml] of Object.entries(files)) {
    const item = parseDocument(xml, { xmlMode: true });
    if (all('qti-assessment-item', item).length === 0) {
      left.push(`${file} holds no QTI 3 item.`);
      continue;
    }
    const right = rightOf(item);
    const asked = question(item, right);
    const line = asked === undefined ? sentence(item, right) : undefined;
    if (asked !== undefined) questions.push(asked);
    else if (line !== undefined) sentences.push(line);
    else {
      const kinds = [
        ...new Set(
          all('*', item).flatMap(({ name }) => unread.exec(name)?.[1]?.replace(/-/g, ' ') ?? []),
        ),
      ];
      left.push(
        `“${nameOf(item, file)}” was left out: ${kinds.length === 0 ? 'it asks nothing' : `${kinds.join(' and ')} is not read, or it has no right answer`}.`,
      );
    }
  }
  return { questions, sentences, left };
}
