import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { withFurigana, withoutFurigana, withPhraseSpaces } from '~core/languages/ja/furigana';
import type { ReadingText } from '~core/texts/reading-text';
import { analyseJapanese } from './analyse-japanese';
import type { Send } from './send';
import { t } from '~/phrases/t';

const KANJI = /\p{Script=Han}/u;

/** Kana over the kanji of a text, and blanks between its phrases, found by the server's analyser. */
export function JapaneseTools({ text, send }: { text: ReadingText; send: Send }) {
  const [working, setWorking] = useState(false);
  const [problem, setProblem] = useState('');
  const { body, revision } = text;
  const plain = withoutFurigana(body);
  const change = (changed: string, label: string) => {
    if (changed !== body) {
      send({
        intent: 'body',
        body: changed,
        label,
        ...(revision === undefined ? {} : { revision }),
      });
    }
  };
  const analysed = async (
    label: string,
    made: (tokens: Awaited<ReturnType<typeof analyseJapanese>>) => string,
  ) => {
    setWorking(true);
    setProblem('');
    try {
      change(made(await analyseJapanese(plain)), label);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : t('texts.theTextCouldNotBe'));
    } finally {
      setWorking(false);
    }
  };
  return (
    <fieldset className="mb-3">
      <legend className="h6">{t('texts.kanaOverTheKanji')}</legend>
      <div className="d-flex flex-column gap-2 align-items-start">
        <Button
          size="sm"
          variant="outline-dark"
          disabled={working || !KANJI.test(body)}
          onClick={() =>
            void analysed(t('texts.putKanaOverTheKanji'), (tokens) => withFurigana(body, tokens))
          }
        >
          {t('texts.putKanaOverAllKanji')}
        </Button>
        <Button
          size="sm"
          variant="outline-dark"
          disabled={plain === body}
          onClick={() => change(plain, t('texts.tookTheKanaOverThe'))}
        >
          {t('texts.takeTheKanaAway')}
        </Button>
        <Button
          size="sm"
          variant="outline-dark"
          disabled={working || body.trim() === ''}
          onClick={() =>
            void analysed(t('texts.putSpacesBetweenPhrases'), (tokens) =>
              withPhraseSpaces(body, tokens),
            )
          }
        >
          {t('texts.putSpacesBetweenPhrases')}
        </Button>
      </div>
      <p className="quiet small mt-2 mb-0" role="status">
        {working ? t('texts.theServerReadsTheText') : t('texts.readingsAreTheLikeliestOnes')}
      </p>
      {problem && (
        <p className="message mt-2 mb-0" role="alert">
          {problem}
        </p>
      )}
    </fieldset>
  );
}
