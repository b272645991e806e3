import { findMaker } from '~core/exercises/make-exercise';
import { textChoices, useClassTexts } from './class-texts';
import { Choice } from './Choice';
import { makesItsOwn } from './makes-its-own';
import { ScenePicture } from './ScenePicture';
import { OwnSentences, type ChoicesProps } from './OwnSentences';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What a grammar exercise is about, and whose sentences it works with. */
export function GrammarChoices({ open, onSet }: ChoicesProps) {
  const texts = useClassTexts();
  const { maker: id, parameters } = open.part;
  const { targets = [], usesScene = false } = findMaker(id);
  const own = (parameters.sentences ?? []).length > 0;
  return (
    <>
      {targets.length > 0 && (
        <Choice
          name="About"
          value={parameters.grammar ?? targets[0] ?? ''}
          options={targets.map((target) => [target, capital(target)] as const)}
          onChoose={(grammar) => onSet({ grammar: String(grammar) }, `About ${grammar}`)}
        />
      )}
      {usesScene && <ScenePicture open={open} onSet={onSet} />}
      {(!makesItsOwn.has(id) || id === 'number-readings') && (
        <>
          <OwnSentences open={open} onSet={onSet} />
          {!own && id !== 'number-readings' && (
            <Choice
              name="Or sentences of a text"
              value={parameters.textId ?? ''}
              options={[['', 'none: Wordane’s own'], ...textChoices(texts).slice(1)]}
              onChoose={(textId, title) =>
                onSet(
                  { textId: String(textId) },
                  textId === '' ? 'Own sentences' : `Sentences of ${title}`,
                )
              }
            />
          )}
        </>
      )}
      <Choice
        name="How many"
        value={parameters.count || ''}
        options={[
          ['', 'as many as usual'],
          ...[3, 4, 5, 6, 8, 10, 12, 16].map((count) => [count, String(count)] as const),
        ]}
        onChoose={(count) =>
          onSet({ count: Number(count) }, count === '' ? 'As many as usual' : `${count} items`)
        }
      />
    </>
  );
}
