import { Button } from 'react-bootstrap';
import type { Sheet } from '~core/sheets/sheet';
import { isExercise, type BuiltPart, type Send } from './built-part';
import { t } from '~/phrases/t';

/** A page that is emptier than this has room for something more. */
const ROOMY = 0.75;

/** The free share of a page in words. */
const freeOf = (fill: number) =>
  fill < 0.4
    ? t('lesson.moreThanHalf')
    : fill < 0.58
      ? t('lesson.half')
      : fill < 0.71
        ? t('lesson.aThird')
        : t('lesson.aQuarter');

/** What the room left on a page can be used for: more words, or something that closes the sheet. */
export function RoomLeft({
  room,
  open,
  send,
}: {
  readonly room: NonNullable<Sheet['room']>;
  readonly open: BuiltPart;
  readonly send: Send;
}) {
  const layout = open.part.layout ?? {};
  const closed = layout.finish !== undefined && layout.finish !== 'none';
  if (room.fill >= ROOMY || closed || !isExercise(open) || layout.columns === 2) return null;
  const finish = (name: string, label: string) =>
    send({ intent: 'layout', part: open.part.id, layout: { finish: name }, label });
  const [word] = open.suggestions;
  return (
    <div className="room-left" role="group" aria-label={t('lesson.roomOnThisPage')}>
      <span>{t('lesson.ofThePageIsFree', { freeOf: freeOf(room.fill) })}</span>
      {word !== undefined && (
        <Button
          size="sm"
          variant="outline-dark"
          onClick={() =>
            send({
              intent: 'add-words',
              part: open.part.id,
              words: open.suggestions.slice(0, 4),
            })
          }
        >
          {open.suggestions.slice(0, 4).join(', ')}
        </Button>
      )}
      <Button
        size="sm"
        variant="outline-dark"
        onClick={() => finish('can-do', t('lesson.closedTheSheetWithA'))}
      >
        {t('lesson.aCanDoStrip')}
      </Button>
      <Button
        size="sm"
        variant="outline-dark"
        onClick={() => finish('draw', t('lesson.closedTheSheetWithA2'))}
      >
        {t('lesson.aBoxToDrawIn')}
      </Button>
      <Button
        size="sm"
        variant="outline-dark"
        onClick={() => finish('challenge', t('lesson.closedTheSheetWithA3'))}
      >
        {t('lesson.aChallenge')}
      </Button>
    </div>
  );
}
