import { BsArrowRight } from 'react-icons/bs';
import type { Refit, TextExchange } from '~core/texts/fit/refit';
import { t } from '~/phrases/t';

/** A text of the lesson, and what would become of it. */
export interface AdaptedText extends Refit {
  readonly id: string;
  readonly title: string;
  readonly body: string;
  readonly verse: boolean;
}

export const textKey = (text: Pick<AdaptedText, 'id'>, { start }: TextExchange) =>
  `${text.id} ${start}`;

/** Letters shown on each side of a word. */
const AROUND = 36;

/** The words around a place, cut at words. */
function around(body: string, { start, end }: TextExchange) {
  const before = body.slice(Math.max(0, start - AROUND), start);
  const after = body.slice(end, end + AROUND);
  return {
    before: start > AROUND ? before.replace(/^\S*\s/, '… ') : before,
    after: end + AROUND < body.length ? after.replace(/\s\S*$/, ' …') : after,
  };
}

/** A text's words that would be others, each in its place, now and then. */
export function TextSides({
  text,
  refused,
  onRefuse,
}: {
  text: AdaptedText;
  refused: ReadonlySet<string>;
  onRefuse: (key: string) => void;
}) {
  const { title, body, exchanges, kept, verse } = text;
  return (
    <section className="card-paper mb-3" aria-label={t('adapt.text', { title })}>
      <h2 className="h6">{t('adapt.text', { title })}</h2>
      {verse && exchanges.length > 0 && (
        <p className="quiet small">{t('adapt.aPoemItsWordsWere')}</p>
      )}
      {exchanges.length === 0 && kept.length === 0 && (
        <p className="quiet small mb-0">{t('adapt.noWordOfItIs')}</p>
      )}
      <ul className="adapt-places">
        {exchanges.map((exchange) => {
          const { from, to, why } = exchange;
          const key = textKey(text, exchange);
          const { before, after } = around(body, exchange);
          const taken = !refused.has(key);
          return (
            <li key={key}>
              <label className="behaviour__tick">
                <input
                  type="checkbox"
                  className="form-check-input"
                  checked={taken}
                  onChange={() => onRefuse(key)}
                />
                <span className="learner-text">
                  {before}
                  <span className={taken ? 'adapt-word--goes' : ''}>{from}</span>
                  {taken && (
                    <>
                      {' '}
                      <BsArrowRight aria-label={t('adapt.becomes')} />{' '}
                      <span className="adapt-word--new">{to}</span>
                    </>
                  )}
                  {after}
                </span>
              </label>
              <span className="quiet small">{why}</span>
            </li>
          );
        })}
      </ul>
      {kept.length > 0 && (
        <p className="message message--note mb-0 mt-2">
          {t('adapt.pastTheReachOfThe', { kept: kept.join(', ') })}
        </p>
      )}
    </section>
  );
}
