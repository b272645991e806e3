/** What the gallery can be narrowed to, beside its groups and its search. */
import type { MakerInfo } from '~core/exercises/catalogue';
import type { Preview } from '~/workers/part-builder';
import { t } from '~/phrases/t';

export interface Filter {
  readonly id: string;
  readonly label: string;
  readonly keeps: (info: MakerInfo, preview: Preview | undefined) => boolean;
}

export interface FilterGroup {
  readonly name: string;
  readonly filters: readonly Filter[];
}

const cutOut = new Set(['sort', 'build']);
/** Cut out and laid, not written on. */
const isCut = ({ interaction, isCards, paperOnly }: MakerInfo) =>
  cutOut.has(interaction) || isCards === true || paperOnly === true;

const has = (info: MakerInfo, word: string) =>
  `${info.needs} ${info.description}`.toLowerCase().includes(word);

/** Shown until it is known how long it takes. */
const minutes = (preview: Preview | undefined) =>
  preview?.missing === undefined ? preview?.minutes : undefined;

export const filterGroups: readonly FilterGroup[] = [
  {
    name: t('gallery.how'),
    filters: [
      {
        id: 'write',
        label: t('gallery.writtenOnTheSheet'),
        keeps: (info) => !isCut(info),
      },
      {
        id: 'cut',
        label: t('gallery.cutOutAndLaid'),
        keeps: isCut,
      },
      {
        id: 'partner',
        label: t('gallery.withAPartner'),
        keeps: ({ doneWith }) => doneWith?.includes('partner') === true,
      },
    ],
  },
  {
    name: t('gallery.where'),
    filters: [
      {
        id: 'class',
        label: t('gallery.withTheWholeClass'),
        keeps: ({ doneWith, interaction }) =>
          doneWith?.includes('class') === true || interaction === 'choice',
      },
      {
        id: 'screen',
        label: t('gallery.onAScreenToo'),
        keeps: ({ paperOnly }) => paperOnly !== true,
      },
      {
        id: 'paper',
        label: t('gallery.onPaperOnly'),
        keeps: ({ paperOnly }) => paperOnly === true,
      },
    ],
  },
  {
    name: t('gallery.madeFrom'),
    filters: [
      {
        id: 'words',
        label: t('gallery.words'),
        keeps: ({ words, needsText }) => words !== 'none' && !needsText,
      },
      { id: 'pictures', label: t('gallery.pictures'), keeps: (info) => has(info, 'picture') },
      {
        id: 'sentences',
        label: t('gallery.sentences'),
        keeps: ({ usesSentences, needsText }) => usesSentences && !needsText,
      },
      { id: 'text', label: t('gallery.aText'), keeps: ({ needsText }) => needsText },
    ],
  },
  {
    name: t('gallery.minutes'),
    filters: [
      {
        id: 'short',
        label: t('gallery.tenOrFewer'),
        keeps: (_, preview) => (minutes(preview) ?? 1) <= 10,
      },
      {
        id: 'long',
        label: t('gallery.moreThanTen'),
        keeps: (_, preview) => (minutes(preview) ?? 11) > 10,
      },
    ],
  },
];

/** Within a group any, over the groups all. */
export const passes = (
  chosen: ReadonlySet<string>,
  info: MakerInfo,
  preview: Preview | undefined,
): boolean =>
  filterGroups.every(({ filters }) => {
    const wanted = filters.filter(({ id }) => chosen.has(id));
    return wanted.length === 0 || wanted.some((filter) => filter.keeps(info, preview));
  });
