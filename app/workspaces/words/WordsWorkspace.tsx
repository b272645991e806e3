import { lazy, Suspense } from 'react';
import type { ClassProfile } from '~core/classes/class-profile';
import { detailOf, type WordList } from '~core/lists/word-list';
import type { ListCoverage } from '~core/lists/coverage';
import type { ListAnswer, SearchAnswer } from '~/workers/engine-service';
import { ListPanel } from './ListPanel';
import { NothingFound } from './NothingFound';
import { Results } from './Results';
import { SearchSentence } from './SearchSentence';
import { Toolbar } from './Toolbar';
import type { OpenCard } from './WordCard';
import { useAddress } from '~/ui/use-address';
import { defaultSound, readQuery, type ScreenQuery } from './query';
import { hasReach } from '~core/reach/check-material';
import { speaks } from '~core/languages/registry/registry';
import { useSend } from '~/ui/use-send';
import { CommonWords, hasCommonWords } from './CommonWords';
import { t } from '~/phrases/t';

const WordCard = lazy(() => import('./WordCard'));

export interface WordsWorkspaceProps {
  readonly profile: ClassProfile;
  readonly lists: readonly WordList[];
  readonly list: WordList | undefined;
  readonly query: ScreenQuery;
  readonly topics: readonly string[];
  readonly nameKinds: readonly string[];
  readonly problems: Readonly<Record<string, string>>;
  readonly found: SearchAnswer;
  readonly described: ListAnswer;
  readonly coverage: ListCoverage;
  readonly open: OpenCard | undefined;
}

/** The meaning kept for a word: in the open list, or else in another list of the class, as its exercises have it. */
const keptMeaning = (word: string, list: WordList | undefined, lists: readonly WordList[]) =>
  (list && detailOf(list, word).definition) ??
  lists
    .map((each) => detailOf(each, word).definition)
    .filter((definition) => definition !== undefined)
    .at(-1);

/** The sentence asks, the tiles answer, the list keeps. */
export function WordsWorkspace(props: WordsWorkspaceProps) {
  const { profile, lists, list, query, found, described, open } = props;
  const { parameters, change, waiting } = useAddress();
  const { fetcher, send, message: problem, notes } = useSend('/words');
  const chosen = new Set(list?.words.map((word) => word.toLowerCase()));
  const isChosen = (word: string) => chosen.has(word.toLowerCase());
  const question = new URLSearchParams(parameters);
  for (const name of ['word', 'list']) question.delete(name);
  const toggle = (word: string, partner?: string) =>
    send({
      question: question.toString(),
      intent: isChosen(word) ? 'remove' : 'add',
      word,
      ...(partner && !isChosen(partner) ? { partner } : {}),
    });
  const openCard = (word: string | undefined) =>
    change((next) => {
      if (word === undefined) next.delete('word');
      else next.set('word', word);
    });
  const here = found.groups.reduce((sum, group) => sum + group.words.length, 0);
  return (
    <div className="page">
      <h1 className="visually-hidden">{t('words.wordsFor', { name: profile.name })}</h1>
      {!speaks(profile.language, 'words') && (
        <>
          {hasCommonWords(profile.language) && (
            <CommonWords
              profile={profile}
              said={notes?.join(' ')}
              onTake={(words) => send({ intent: 'common', words })}
            />
          )}
          <p className="message message--note">
            {t('words.theWordBankBelowIs', {
              which: hasReach(profile.language)
                ? t('words.theWordsThatLearnAre', { name: profile.name })
                : t('words.theWordsThatLearnAre2', { name: profile.name }),
            })}
          </p>
        </>
      )}
      <div className="words-layout">
        <div aria-busy={waiting} className={waiting ? 'words-waiting' : ''}>
          <SearchSentence
            profile={profile}
            query={readQuery(parameters, defaultSound(profile))}
            topics={props.topics}
            nameKinds={props.nameKinds}
            problems={props.problems}
          />
          <Toolbar
            profile={profile}
            query={query}
            found={found}
            here={here}
            onKeep={(text) => send({ intent: 'import', text })}
          />
          <a className="skip-link" href="#word-list">
            {t('words.skipTheWordsFoundTo')}
          </a>
          {found.total === 0 ? (
            <NothingFound profile={profile} query={query} found={found} />
          ) : (
            <Results
              found={found}
              question={question.toString()}
              chosen={chosen}
              onToggle={toggle}
              onOpen={openCard}
            />
          )}
        </div>
        <ListPanel
          profile={profile}
          lists={lists}
          list={list}
          described={described}
          coverage={props.coverage}
          send={send}
          problem={problem}
          working={fetcher.state !== 'idle'}
          onOpen={openCard}
        />
      </div>
      {open && (
        <Suspense>
          <WordCard
            key={open.word}
            {...open}
            profile={profile}
            chosen={isChosen(open.word)}
            keptMeaning={keptMeaning(open.word, list, lists)}
            onToggle={() => toggle(open.card.analysis.word)}
            onKeepMeaning={(definition) =>
              send({ intent: 'meaning', word: open.card.analysis.word, definition })
            }
            onHide={(hidden) => send({ intent: 'hide', word: open.card.analysis.word, hidden })}
            onShow={(shown) => send({ intent: 'show', word: open.card.analysis.word, shown })}
            onClose={() => openCard(undefined)}
          />
        </Suspense>
      )}
    </div>
  );
}
