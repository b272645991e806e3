/** What certain verbs take after them (common practice; Quirk et al. 1985, chapter 16, from memory). */

const list = (words: string): ReadonlySet<string> => new Set(words.trim().split(/\s+/));

/** Verbs that take a clause without a conjunction: I think it is cold. */
export const clauseVerbs =
  list(`think know say believe hope guess suppose feel hear see notice wish mean imagine
  bet promise tell find remember forget understand decide realise realize agree explain report warn show learn
  dream swear claim insist doubt fear reckon expect answer reply shout whisper ask add call note write read
  suggest discover prove pretend predict announce admit complain trust assume gather suspect observe recall
  deny confess boast argue`);

/** Verbs that take to and a base form: need to water. */
export const toVerbs = list(
  `need want have like love hate prefer try hope plan decide learn forget remember begin start promise agree
   refuse wish expect intend manage offer use ought happen tend continue`,
);

/** Verbs of speech that follow or break up a quotation. */
export const speechVerbs =
  list(`say ask reply answer shout whisper cry call explain add tell think mutter yell
  murmur announce laugh warn exclaim demand wonder begin continue`);

/** Verbs with an object and a bare infinitive: let it go, saw her run. */
export const bareInfinitiveVerbs = list('let make help see hear watch feel have notice');

/** Verbs that say what their subject is like: their subject is no doer and they have no passive. */
export const linkingVerbs = list(
  'be seem become appear look feel sound smell taste stay remain turn grow get keep prove',
);

/** Verbs that mostly have no object, and so no passive. */
export const intransitiveVerbs =
  list(`sleep arrive come go fall rise happen occur exist appear disappear die cry laugh
  smile snow rain thunder hail sneeze cough swim walk run jump sit stand lie stay live wait work talk belong
  depend consist seem become look remain shine glow bark bloom crawl creep dance dive faint flow fly
  grow hurry kneel march matter nod pause play relax rest roar shiver sigh sink skate slip stare step stumble
  sweat travel tremble vanish wander weep whistle yawn last drift emerge result vary listen sail climb gallop
  melt freeze blow stop start begin end finish hop skip struggle wobble vote react agree apologise apologize hesitate`);

/** Of those, the verbs that are intransitive whatever follows. */
export const neverPassive =
  list(`sleep arrive come go fall rise happen occur exist appear disappear die laugh smile
  rain snow sneeze cough sit lie stay belong consist seem become remain matter vanish weep yawn last emerge
  have lack resemble cost weigh fit suit contain equal mean hurry kneel nod shiver tremble faint wait
  arise cry depend glow bloom rest tend`);

/** Verb and particle that belong together and take an object: switch off the lamp. */
export const phrasalVerbs =
  list(`put-up put-on put-down put-away put-out put-off put-back turn-on turn-off turn-up
  turn-down turn-over turn-round switch-on switch-off pick-up pick-out fill-in fill-up write-down write-up take-off
  take-out take-away take-down take-over take-up find-out look-up look-after give-up give-away give-back give-out
  carry-on carry-out set-up set-out set-off blow-down blow-away blow-over blow-out knock-over knock-down
  bring-in bring-back bring-up bring-out bring-down clean-up tidy-up tidy-away cut-off cut-out cut-down
  cut-up work-out hand-in hand-out throw-away throw-out tear-up tear-down wake-up wash-up wash-away
  call-off call-up let-in let-out let-down lock-up leave-out make-up mix-up open-up close-down shut-down
  send-out send-back sort-out wipe-off wipe-up point-out note-down keep-up keep-out lift-up
  use-up wear-out wind-up dry-out eat-up drink-up break-up break-off burn-down build-up check-out
  hold-up join-in pull-down pull-up pull-off push-over push-back roll-up shake-off save-up spell-out
  light-up tie-up try-on try-out warm-up weigh-down sweep-away sweep-up read-out print-out pay-back pack-up`);

/** Verbs that take two objects: gave him food, was given a medal. */
export const doubleObjectVerbs = list(
  `give show tell send lend bring buy make teach offer ask pay sell pass promise hand throw write read
   call name find leave assign grant award cost owe serve cook save get fetch feed`,
);

/** Adjectives that take a clause without a conjunction: I am sure it is cold. */
export const clauseAdjectives = list(
  'sure certain positive glad sorry afraid happy lucky aware confident pleased relieved delighted worried',
);
