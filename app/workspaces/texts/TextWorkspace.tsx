import { Dropdown } from 'react-bootstrap';
import { BsPatchQuestion, BsThreeDotsVertical } from 'react-icons/bs';
import { Link, useSearchParams } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { isHeading, linesIn, paragraphsIn } from '~core/languages/shared/segment';
import type { TextReach } from '~core/texts/fit/text-reach';
import { creditOf, type ReadingText } from '~core/texts/reading-text';
import { useFontsFor } from '~/ui/script-fonts';
import { MenuItem } from '~/ui/MenuItem';
import { FittedView } from './FittedView';
import { GrammarView } from './GrammarView';
import { ListenView } from './ListenView';
import { OwnSounds } from './OwnSounds';
import { MarksView } from './MarksView';
import { MeasuresView } from './MeasuresView';
import { PaperView } from './PaperView';
import { ReachView } from './ReachView';
import { SoundView } from './SoundView';
import { WriteView } from './WriteView';
import type { SoundRecord } from '~core/records/sound-record';
import { useSend } from '~/ui/use-send';
import { t } from '~/phrases/t';

const views = {
  reach: t('texts.reach'),
  marks: t('texts.marks'),
  grammar: t('texts.grammar'),
  sound: t('texts.soundAndBuild'),
  measures: t('texts.measures'),
  listen: t('texts.listen'),
  fitted: t('texts.beforeAndAfter'),
  paper: t('texts.paper'),
  write: t('texts.write'),
} as const;
type ViewName = keyof typeof views;

export interface TextWorkspaceProps {
  readonly text: ReadingText;
  readonly profile: ClassProfile;
  readonly found: TextReach;
  /** Recordings of it. */
  readonly sounds: readonly SoundRecord[];
  readonly others: readonly ReadingText[];
  readonly classes: readonly ClassProfile[];
}

/** What the text is, in a line under its title. */
function describe(text: ReadingText): string {
  const paragraphs = paragraphsIn(text.body).filter(
    ({ start, end }) => !isHeading(text.body.slice(start, end)),
  );
  const size =
    text.kind === 'poem'
      ? t('texts.stanzaLines', {
          count: paragraphs.length,
          reduce: paragraphs.reduce(
            (sum, paragraph) => sum + linesIn(text.body, paragraph).length,
            0,
          ),
        })
      : `${paragraphs.length} ${t('texts.paragraph', { count: paragraphs.length })}`;
  return [creditOf(text), size].filter((part) => part !== '').join(' · ');
}

/** One text: read for the class, marked, measured, printed, asked about. */
export function TextWorkspace(props: TextWorkspaceProps) {
  const { text, profile, found, others, classes, sounds } = props;
  const { send, message: problem, notes, clash } = useSend();
  const [query, setQuery] = useSearchParams();
  const wanted = query.get('view') ?? '';
  const view: ViewName = wanted in views ? (wanted as ViewName) : 'reach';
  const left = query.get('left');
  useFontsFor(text.body, text.language);
  const wide = view === 'measures' || view === 'fitted' || view === 'listen';
  return (
    <div className={wide ? 'text-layout text-layout--wide' : 'text-layout'}>
      <header className="text-head">
        <div>
          <p className="mb-0 small">
            <Link to="/texts">{t('texts.textsFor', { name: profile.name })}</Link>
          </p>
          <h1>{text.title}</h1>
          <p className="quiet mb-0">{describe(text)}</p>
        </div>
        <div className="d-flex gap-2">
          <Link className="btn btn-primary" to={`/texts/${text.id}/ask`}>
            <BsPatchQuestion aria-hidden="true" /> {t('texts.askAboutIt')}
          </Link>
          <Dropdown align="end">
            <Dropdown.Toggle
              as="button"
              type="button"
              bsPrefix="btn btn-outline-dark"
              aria-label={t('texts.moreForThisText')}
            >
              <BsThreeDotsVertical aria-hidden="true" />
            </Dropdown.Toggle>
            <Dropdown.Menu>
              <MenuItem onChoose={() => send({ intent: 'sheet' })}>
                {t('texts.putItOnASheet')}
              </MenuItem>
              {classes.length > 0 && (
                <Dropdown.Header aria-level={2}>{t('texts.giveACopyTo')}</Dropdown.Header>
              )}
              {classes.map(({ id, name }) => (
                <MenuItem key={id} onChoose={() => send({ intent: 'copy', classId: id, name })}>
                  {name}
                </MenuItem>
              ))}
              <Dropdown.Divider />
              <MenuItem onChoose={() => send({ intent: 'remove' })}>
                {t('texts.removeThisText')}
              </MenuItem>
            </Dropdown.Menu>
          </Dropdown>
        </div>
        <div className="faces text-head__views" role="group" aria-label={t('texts.view')}>
          {(Object.keys(views) as ViewName[])
            .filter((name) => name !== 'fitted' || text.original !== text.body)
            .map((name) => (
              <button
                key={name}
                type="button"
                aria-pressed={view === name}
                onClick={() => setQuery({ view: name }, { replace: true })}
              >
                {views[name]}
              </button>
            ))}
        </div>
        <h2 className="visually-hidden">{views[view]}</h2>
        {left && (
          <p className="message message--note mb-0" role="status">
            {left}
          </p>
        )}
        {clash}
        {problem && (
          <p className="message mb-0" role="alert">
            {problem}
          </p>
        )}
        {notes && notes.length > 0 && (
          <p className="message message--good mb-0" role="status">
            {notes.join(' ')}
          </p>
        )}
      </header>
      {view === 'reach' && <ReachView text={text} profile={profile} found={found} send={send} />}
      {view === 'marks' && <MarksView text={text} profile={profile} send={send} />}
      {view === 'grammar' && <GrammarView text={text} profile={profile} send={send} />}
      {view === 'sound' && <SoundView text={text} profile={profile} />}
      {view === 'measures' && <MeasuresView text={text} profile={profile} others={others} />}
      {view === 'listen' && (
        <>
          <ListenView key={text.id} text={text} profile={profile} />
          <OwnSounds text={text} sounds={sounds} send={send} />
        </>
      )}
      {view === 'fitted' && <FittedView text={text} send={send} />}
      {view === 'paper' && <PaperView text={text} profile={profile} send={send} />}
      {view === 'write' && <WriteView text={text} send={send} />}
    </div>
  );
}
