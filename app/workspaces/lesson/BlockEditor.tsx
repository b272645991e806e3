import { useEffect, useState } from 'react';
import { handIds, handNames } from '~core/paper/hands';
import { letterHeights, plainRuling, rulingIds, rulingNames } from '~core/paper/ruling';
import { blockSizes, type SheetBlock } from '~core/sheets/blocks/sheet-block';
import { patternNames, patternTexts } from '~core/languages/en/sounds/patterns';
import { phonemes, showSound } from '~core/languages/en/sounds/phonemes';
import { AutoField } from '~/ui/AutoField';
import { Toggle } from '~/ui/Toggle';
import { engine } from '~/workers/engine.client';
import type { ExercisePart, Send } from './built-part';
import { Choice } from './Choice';
import { textChoices, useClassTexts } from './class-texts';
import { grammarRuleNames } from '~core/languages/en/rules/grammar-rules';
import { ReadingOptions } from './ReadingOptions';
import { suffixNames } from '~core/languages/en/forms/suffix-names';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

interface EditorProps {
  readonly block: SheetBlock;
  readonly part: string;
  readonly exercises: readonly ExercisePart[];
  readonly send: Send;
}

type SetBlock = (fields: Partial<SheetBlock>) => void;

const textLabels: Partial<Record<SheetBlock['kind'], string>> = {
  heading: t('lesson.heading'),
  text: t('lesson.text'),
  'can-do': t('lesson.whatTheLearnerCanDo'),
  qr: t('lesson.addressOrTextOfThe'),
  picture: t('lesson.whatItShows'),
};

/** Fills a word box with words about something, all within the class's reach. */
function TopicFill({ block, part, send }: Pick<EditorProps, 'block' | 'part' | 'send'>) {
  const [about, setAbout] = useState<readonly string[]>([]);
  useEffect(() => {
    let gone = false;
    void engine()
      .topics()
      .then(({ topics: known }) => {
        if (!gone) setAbout(known);
      })
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, []);
  return (
    <Choice
      name={t('lesson.orWordsAbout')}
      value=""
      options={[['', t('lesson.chooseATopic')], ...about.map((topic) => [topic, topic] as const)]}
      onChoose={(topic) =>
        topic !== '' && send({ intent: 'fill-words', part, block: block.id, topic })
      }
    />
  );
}

/** Every rule that a card can be made of. */
const topics: readonly (readonly [string, string])[] = [
  ['', t('lesson.chooseARule')],
  ...Object.entries({ ing: '-ing', ...suffixNames }).map(
    ([id, name]) => [`ending:${id}`, t('lesson.adding', { name })] as const,
  ),
  ...patternNames.map((name) => [`pattern:${name}`, coreName(patternTexts[name])] as const),
  ...phonemes.map(
    ({ phoneme, keyWord }) =>
      [
        `sound:${phoneme}`,
        t('lesson.waysToSpellAsIn', { showSound: showSound([phoneme]), keyWord }),
      ] as const,
  ),
  ...grammarRuleNames.map((name) => [`grammar:${name}`, t('lesson.grammar', { name })] as const),
];

/** What a rule card is about, in words. */
export const topicText = (topic: string) => topics.find(([id]) => id === topic)?.[1] ?? '';

function Lines({ block, set }: { block: SheetBlock; set: SetBlock }) {
  const ruling = { ...plainRuling, ...block.ruling };
  const setRuling = (changed: Partial<typeof ruling>) => set({ ruling: { ...ruling, ...changed } });
  return (
    <>
      <Choice
        name={t('lesson.howMany')}
        value={block.rows ?? 4}
        options={[1, 2, 3, 4, 5, 6, 8, 10, 12].map((rows) => [rows, `${rows}`] as const)}
        onChoose={(rows) => set({ rows: Number(rows) })}
      />
      <Choice
        name={t('lesson.lines')}
        value={ruling.lines}
        options={rulingIds.map((id) => [id, coreName(rulingNames[id])] as const)}
        onChoose={(lines) => setRuling({ lines: lines as typeof ruling.lines })}
      />
      <Choice
        name={t('lesson.heightOfASmallLetter')}
        value={ruling.letter}
        options={letterHeights.map((height) => [height, t('lesson.mm', { height })] as const)}
        onChoose={(letter) => setRuling({ letter: Number(letter) })}
      />
      <Choice
        name={t('lesson.hand')}
        value={block.hand ?? ''}
        options={[
          ['', t('lesson.asTheClassLearnsIt')],
          ...handIds.map((id) => [id, coreName(handNames[id])] as const),
        ]}
        onChoose={(hand) =>
          set({ hand: hand === '' ? null : (hand as NonNullable<SheetBlock['hand']>) })
        }
      />
      <Toggle
        name={t('lesson.dashedLineOverSmallLetters')}
        checked={ruling.dashed}
        onChange={(dashed) => setRuling({ dashed })}
      />
      <Toggle
        name={t('lesson.tintedBandForTails')}
        checked={ruling.band}
        onChange={(band) => setRuling({ band })}
      />
    </>
  );
}

/** Which text, and how it stands on the sheet. */
function Reading({ block, set }: { block: SheetBlock; set: SetBlock }) {
  const texts = useClassTexts();
  const text = texts.find(({ id }) => id === block.textId);
  return (
    <>
      <Choice
        name={t('lesson.text')}
        value={text?.id ?? ''}
        options={textChoices(texts)}
        onChoose={(textId) => set({ textId })}
      />
      <ReadingOptions
        reading={block.reading ?? {}}
        kind={text?.kind ?? 'prose'}
        onSet={(changed) => set({ reading: { ...block.reading, ...changed } })}
      />
    </>
  );
}

/** The fields of one block. */
export function BlockEditor({ block, part, exercises, send }: EditorProps) {
  const set: SetBlock = (fields) => send({ intent: 'block', part, block: block.id, fields });
  const label = textLabels[block.kind];
  return (
    <div className="block-row__fields">
      {label !== undefined && (
        <div className="mb-2">
          {label}
          <AutoField
            label={label}
            className="form-control form-control-sm"
            value={block.text ?? ''}
            multiline={block.kind !== 'heading' && block.kind !== 'picture'}
            payload={(text) => ({ intent: 'block', part, block: block.id, fields: { text } })}
          />
        </div>
      )}
      {block.kind === 'heading' && (
        <Toggle
          name={t('lesson.largeLettersToColourIn')}
          checked={block.decorative === true}
          onChange={(decorative) => set({ decorative })}
        />
      )}
      {block.kind === 'words' && (
        <>
          <div className="mb-2">
            {t('lesson.wordsWithCommasBetweenThem')}
            <AutoField
              label={t('lesson.wordsOfTheBox')}
              className="form-control form-control-sm"
              multiline
              value={(block.words ?? []).join(', ')}
              payload={(text) => ({
                intent: 'block',
                part,
                block: block.id,
                fields: {
                  words: text
                    .split(/[,\n]/)
                    .map((word) => word.trim())
                    .filter((word) => word !== ''),
                },
              })}
            />
          </div>
          <TopicFill block={block} part={part} send={send} />
          <Toggle
            name={t('lesson.aPictureOverEachWord')}
            checked={block.pictures === true}
            onChange={(pictures) => set({ pictures })}
          />
        </>
      )}
      {block.kind === 'reading' && <Reading block={block} set={set} />}
      {block.kind === 'rule' && (
        <Choice
          name={t('lesson.rule')}
          value={block.topic ?? ''}
          options={topics}
          onChoose={(topic) => set({ topic })}
        />
      )}
      {(block.kind === 'picture' || block.kind === 'rule') && (
        <Choice
          name={t('lesson.size')}
          value={block.size ?? (block.kind === 'rule' ? 'small' : 'medium')}
          options={blockSizes.map((size) => [
            size,
            block.kind === 'rule'
              ? {
                  small: t('lesson.aCorner'),
                  medium: t('lesson.acrossTheSheet'),
                  large: t('lesson.aPageForTheWall'),
                }[size]
              : size,
          ])}
          onChoose={(size) => set({ size: size as NonNullable<SheetBlock['size']> })}
        />
      )}
      {block.kind === 'exercise' && (
        <Choice
          name={t('lesson.exercise')}
          value={block.part ?? ''}
          options={exercises.map((made) => [made.part.id, made.exercise.title] as const)}
          onChoose={(chosen) => set({ part: chosen })}
        />
      )}
      {block.kind === 'lines' && <Lines block={block} set={set} />}
    </div>
  );
}
