import { useId } from 'react';
import { BsX } from 'react-icons/bs';
import { Link } from 'react-router';
import { ADULT, offeredAge } from '~core/reach/fitness';
import { spellings } from '~core/kernel/spelling';
import { licenceNames, licences } from '~core/kernel/licence';
import { languageNames, packOf, speaks } from '~core/languages/registry/registry';
import { learnerFonts } from '~core/languages/language-pack';
import { accentNames } from '~core/kernel/accent';
import type { ClassProfile } from '~core/classes/class-profile';
import { handOf, usualHand } from '~core/classes/school-hand';
import { handIds, handNames } from '~core/kernel/hand-names';
import type { ClassSettings } from '~core/classes/new-class';
import { classPapers, papers } from '~core/kernel/paper-size';
import { lookNames, looks, type Look } from '~core/kernel/look';
import { AutoField } from '~/ui/AutoField';
import { fontFamily } from '~/ui/fonts';
import { handFamily } from '~/ui/hand-family';
import type { SequenceFacts } from '~/workers/engine-service';
import { GrammarTable } from './GrammarTable';
import { CourseUnits } from './CourseUnits';
import { ConfusableSets } from './ConfusableSets';
import { LevelField } from './LevelFields';
import { Roster } from './Roster';
import { SequenceSteps } from './SequenceSteps';
import { useSend } from '~/ui/use-send';
import { t } from '~/phrases/t';
import { coreName, namesIn } from '~/phrases/core-name';

function Choice(props: {
  label: string;
  value: string;
  options: readonly (readonly [string, string])[];
  onChange: (value: string) => void;
}) {
  const id = useId();
  return (
    <div>
      <label className="form-label" htmlFor={id}>
        {props.label}
      </label>
      <select
        id={id}
        className="form-select"
        value={props.value}
        onChange={(event) => props.onChange(event.currentTarget.value)}
      >
        {props.options.map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Ages between which more words are kept back: violence, drink, insults and the like. */
const offerAges = [5, 7, 9, 11, 14, ADULT];
const ageName = (age: number) => (age >= ADULT ? 'adults' : t('classes.age', { age }));

/** Everything about one class; each change is kept at once. */
export function ClassWorkspace({
  profile: stored,
  facts,
}: {
  profile: ClassProfile;
  facts: SequenceFacts;
}) {
  const { fetcher, send, message: problem, clash } = useSend();
  // What was just chosen shows at once, while it is being saved.
  const sent = fetcher.json as { fields?: ClassSettings } | undefined;
  const profile: ClassProfile = { ...stored, ...sent?.fields };
  const set = (fields: ClassSettings) => send({ intent: 'change', fields });
  return (
    <div className="page">
      <h1 className="visually-hidden">{profile.name}</h1>
      <nav className="class-links" aria-label={t('classes.moreOf', { name: profile.name })}>
        <Link to={`/classes/${profile.id}/results`}>{t('classes.resultsOverTheWeeks')}</Link>
        <Link to={`/classes/${profile.id}/coverage`}>{t('classes.standardsMet')}</Link>
        <Link to="/standards">{t('classes.setsOfStandards')}</Link>
        <Link to="/week">{t('classes.theWeek')}</Link>
      </nav>
      <AutoField
        key={profile.id}
        label={t('classes.nameOfTheClass')}
        className="inline-edit inline-edit--title fs-2"
        value={profile.name}
        payload={(name) => ({ intent: 'change', fields: { name } })}
      />
      {clash}
      {problem && (
        <div className="message my-2" role="alert">
          {problem}
        </div>
      )}
      <section className="card-paper my-3" aria-label={t('classes.settings')}>
        <div className="field-grid">
          <LevelField level={profile.level} onChange={(level) => set({ level })} />
          <Choice
            label={t('classes.languageTaught')}
            value={profile.language}
            options={namesIn(languageNames())}
            onChange={(language) => set({ language, course: null, unit: null })}
          />
          <Choice
            label={t('classes.spelling')}
            value={profile.spelling}
            options={namesIn(spellings)}
            onChange={(spelling) => set({ spelling: spelling as ClassProfile['spelling'] })}
          />
          <Choice
            label={t('classes.accent')}
            value={profile.accent}
            options={namesIn(accentNames)}
            onChange={(accent) => set({ accent: accent as ClassProfile['accent'] })}
          />
          {packOf(profile.language).can.has('word spaces') && (
            <Choice
              label={t('classes.betweenWords')}
              value={profile.wordSpaces === false ? 'none' : 'spaces'}
              options={[
                ['spaces', t('classes.aSpaceAsInFirst')],
                ['none', t('classes.noSpaceAsItIs')],
              ]}
              onChange={(between) => set({ wordSpaces: between === 'spaces' })}
            />
          )}
          {packOf(profile.language).can.has('furigana') && (
            <Choice
              label={t('classes.overTheKanji')}
              value={profile.furigana === false ? 'none' : 'kana'}
              options={[
                ['kana', t('classes.kanaWhereATextHas')],
                ['none', t('classes.nothingItReadsKanji')],
              ]}
              onChange={(over) => set({ furigana: over === 'kana' })}
            />
          )}
          <Choice
            label={t('classes.paper')}
            value={profile.paper}
            options={classPapers.map((name) => [name, papers[name].label] as const)}
            onChange={(paper) => set({ paper: paper as ClassProfile['paper'] })}
          />
          <Choice
            label={t('classes.lookOfItsSheets')}
            value={profile.look ?? 'plain'}
            options={lookNames.map((name) => [name, coreName(looks[name].name)] as const)}
            onChange={(look) => set({ look: look as Look })}
          />
          <Choice
            label={t('classes.sheetsArePrinted')}
            value={profile.colour ? 'colour' : 'grey'}
            options={[
              ['grey', t('classes.inBlackAndGreys')],
              ['colour', t('classes.inColour')],
            ]}
            onChange={(ink) => set({ colour: ink === 'colour' })}
          />
          <Choice
            label={t('classes.whatLearnersReadIsSet')}
            value={profile.font}
            options={Object.entries(learnerFonts)}
            onChange={(font) => set({ font })}
          />
          <div>
            <Choice
              label={t('classes.handThatIsLearnt')}
              value={profile.hand ?? ''}
              options={[
                ['', t('classes.asUsual', { handNames: coreName(handNames[usualHand(profile)]) })],
                ...handIds.map((id) => [id, coreName(handNames[id])] as const),
              ]}
              onChange={(hand) => set({ hand: (hand || null) as ClassProfile['hand'] & {} })}
            />
            <span className="hand-sample" style={{ fontFamily: handFamily(handOf(profile)) }}>
              {t('classes.windAndRain')}
            </span>
          </div>
          <Choice
            label={t('classes.wordsOfferedAreFitFor')}
            value={String(profile.offerAge ?? '')}
            options={[
              [
                '',
                t('classes.thisClass2', { ageName: ageName(offeredAge({ level: profile.level })) }),
              ],
              ...offerAges.map((age) => [String(age), ageName(age)] as const),
            ]}
            onChange={(age) => set({ offerAge: age === '' ? null : Number(age) })}
          />
          <Choice
            label={t('classes.whatItMakesGoesOut')}
            value={profile.licence ?? ''}
            options={[
              ['', t('classes.noLicenceNobodyMayPass')],
              ...licenceNames.map((name) => [name, coreName(licences[name])] as const),
            ]}
            onChange={(licence) => set({ licence })}
          />
          <div>
            <span className="form-label d-block">{t('classes.authorNamedOnIt')}</span>
            <AutoField
              label={t('classes.authorNamedOnIt')}
              className="form-control"
              placeholder={t('classes.yourName')}
              value={profile.author ?? ''}
              payload={(author) => ({ intent: 'change', fields: { author } })}
            />
          </div>
          <p
            className="mb-0 align-self-end fs-3"
            style={{ fontFamily: fontFamily(profile.font) }}
            aria-label={t('classes.theChosenFont')}
          >
            {t('classes.theVaneTurnsInThe')}
          </p>
        </div>
      </section>
      {/* A sequence is of sounds: without them a class stands nowhere in one. */}
      {speaks(profile.language, 'sounds') && (
        <SequenceSteps profile={profile} facts={facts} onStep={(step) => set({ step })} />
      )}
      {speaks(profile.language, 'course') && <CourseUnits profile={profile} change={set} />}
      <Roster profile={profile} />
      {/* Structures and confusables are of English. */}
      {speaks(profile.language, 'tagging') && <GrammarTable profile={profile} change={set} />}
      {speaks(profile.language, 'words') && <ConfusableSets profile={profile} change={set} />}
      {profile.knownWords.length > 0 && (
        <section className="card-paper my-3">
          <h2 className="h5">{t('classes.wordsThisClassKnowsBesides')}</h2>
          <p className="quiet mb-0">{t('classes.topicWordsAndNamesCounted')}</p>
          <ul className="roster mb-0">
            {profile.knownWords.map((word) => (
              <li key={word} className="learner-text">
                {word}
                <button
                  type="button"
                  className="icon-button"
                  aria-label={t('classes.noLongerCountAsKnown', { word })}
                  onClick={() => send({ intent: 'known', word, known: false })}
                >
                  <BsX aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {profile.hiddenWords.length > 0 && (
        <section className="card-paper my-3">
          <h2 className="h5">{t('classes.wordsThisClassIsNever')}</h2>
          <ul className="roster mb-0">
            {profile.hiddenWords.map((word) => (
              <li key={word} className="learner-text">
                {word}
                <button
                  type="button"
                  className="icon-button"
                  aria-label={t('classes.offerAgain', { word })}
                  onClick={() => send({ intent: 'hide', word, hidden: false })}
                >
                  <BsX aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {(profile.shownWords ?? []).length > 0 && (
        <section className="card-paper my-3">
          <h2 className="h5">{t('classes.wordsOfferedAlthoughTheyAre')}</h2>
          <ul className="roster mb-0">
            {profile.shownWords?.map((word) => (
              <li key={word} className="learner-text">
                {word}
                <button
                  type="button"
                  className="icon-button"
                  aria-label={t('classes.keepBackAgain', { word })}
                  onClick={() => send({ intent: 'show', word, shown: false })}
                >
                  <BsX aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <button
        type="button"
        className="btn btn-outline-danger mt-2"
        onClick={() => send({ intent: 'remove' })}
      >
        {t('classes.removeThisClass')}
      </button>{' '}
      <span className="quiet">{t('classes.itsListsAndLessonsGo')}</span>
    </div>
  );
}
