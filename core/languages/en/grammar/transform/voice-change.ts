/** Active to passive and back. */
import { negativeOf, verbPhrase, type Agreement } from '../../forms/verb-phrase';
import { pronounOf, pronouns } from '../../forms/pronouns';
import type { FormSource } from '../../forms/verb-forms';
import { agentOf } from '../clauses/agent';
import { analyseSentence, type SentenceAnalysis } from '../describe/describe-sentence';
import type { TaggedToken } from '../tagging/tag-sentence';
import { linkingVerbs, neverPassive } from '../tagging/verb-patterns';
import { NoSuchForm, type Changed } from './change';
import {
  agreementOf,
  frameOf,
  lowered,
  render,
  textOf,
  verbText,
  type ClauseFrame,
} from './clause-frame';

const subjectForm: Readonly<Record<string, string>> = Object.fromEntries(
  pronouns
    .filter(({ subject, object }) => subject !== object)
    .map(({ subject, object }) => [object, subject]),
);

const asObject = (text: string) => pronounOf(text)?.object ?? text;
const asSubject = (text: string) => subjectForm[text.toLowerCase()] ?? text;

/** A particle right after the verb: blow down; but not the preposition of in the log. */
const particleAt =
  /^(?:up|down|out|off|away|back|on|in|over)\b(?! (?:the|a|an|my|his|her|our|their|its|this|that|every|monday|tuesday|wednesday|thursday|friday|saturday|sunday|\d))/i;

/** Agents that nobody misses: somebody closed the gate, the gate was closed. */
const nobody = /^(?:people|someone|somebody|they|we|you|one|anyone|everyone|everybody)$/i;

/** What is felt or known is somebody’s: without by us it says something else. */
const felt = /^(?:like|love|enjoy|hate|prefer|know|understand|want|need|remember|forget)$/;
const feeler = /^(?:we|you)$/i;

/** Who did it is nobody: the passive says that it was not done. */
const none = /^(?:nobody|no one|no-one)$/i;

/** What follows the object, as text. */
function remainder(
  source: string,
  frame: ClauseFrame,
  used: readonly (readonly TaggedToken[])[],
): string {
  const gone = new Set(used.flatMap((list) => list.map(({ at }) => at)));
  const left = frame.parts.rest.filter(({ at }) => !gone.has(at));
  let text = '';
  left.forEach((token, index) => {
    const before = left[index - 1];
    const adjacent = before !== undefined && before.at + 1 === token.at;
    const gap =
      index === 0 ? '' : adjacent ? source.slice(before.end, token.start) : token.mark ? '' : ' ';
    text += gap + token.text;
  });
  return text.trim();
}

/** Prepositions whose place tells which one is meant, more often than where it is done. */
const telling =
  /^(?:above|below|beneath|behind|beside|near|opposite|beyond|outside|inside|under|between)$/;

/** What is put, kept or found somewhere: the place belongs to the deed. */
const placing =
  /^(?:put|place|lay|hang|set|stand|fix|hold|lift|raise|leave|keep|store|park|plant|build|bury|find|see|meet|catch|read|write|make|drop|lose|divide|share)$/;

/** Verbs of which whoever gets something is the subject of a passive too. */
const twoPassives =
  /^(?:give|send|show|tell|lend|hand|offer|teach|pay|promise|award|ask|grant|leave|allow)$/;

/** What befalls a thing where it is: the place may tell which one. */
const befalling =
  /^(?:strike|hit|damage|destroy|flood|break|mend|repair|paint|cover|wreck|shake|crack|smash|burn|fill|mark|hide|eat)$/;

/**
 * Whether a place after the object may tell which one is meant, and whether that is likely: the
 * tower above the village, the window in the kitchen that was broken (from memory, and from the
 * sentences of the wordbook: on, in and at say nearly always where it is done).
 */
function attributeOf(
  object: readonly TaggedToken[],
  where: readonly TaggedToken[],
  base: string,
): 'possible' | 'likely' | undefined {
  const [preposition] = where;
  const next = (object.at(-1)?.at ?? -2) + 1 === preposition?.at;
  if (!next || !/^(?:the|this|that|these|those)$/.test(object[0]?.lower ?? '')) return undefined;
  const over = /^(?:above|below|beneath|beyond|opposite)$/.test(preposition.lower);
  const put = placing.test(base) || (base === 'hide' && !over);
  if (telling.test(preposition.lower)) {
    if (put) return base === 'find' || base === 'hide' ? 'possible' : undefined;
    return /^(?:inside|under|between)$/.test(preposition.lower) ? 'possible' : 'likely';
  }
  return /^(?:in|on)$/.test(preposition.lower) && befalling.test(base) && !put
    ? 'possible'
    : undefined;
}

export function toPassive(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
): Changed {
  const { main } = analysis;
  if (main === undefined) throw new NoSuchForm('There is no main clause to change.');
  if (analysis.voice === 'passive') throw new NoSuchForm('This sentence is passive already.');
  const { group } = main;
  const base = group.verb.base ?? group.verb.lower;
  if (group.imperative) throw new NoSuchForm('A command has no passive.');
  if (base === 'get' || base === 'let')
    throw new NoSuchForm(`There is no passive of ${base} in use.`);
  const frame = frameOf(sentence, analysis, forms);
  const measured = /^(?:a lot|a little|a bit|much|more|less|far|miles)$/i;
  const object = frame.parts.parts.find(
    ({ name, tokens }) =>
      name === 'object' &&
      (tokens[0]?.at ?? -1) > group.finite.at &&
      !measured.test(textOf(sentence, tokens)),
  )?.tokens;
  const receiver = frame.parts.parts.find(({ name }) => name === 'to whom')?.tokens;
  const lastOfVerb = frame.parts.parts.find(({ name }) => name === 'verb')?.tokens.at(-1);
  const prepositional = lastOfVerb?.tag === 'preposition' ? lastOfVerb : undefined;
  if (
    !prepositional &&
    (neverPassive.has(base) || (linkingVerbs.has(base) && object === undefined))
  ) {
    throw new NoSuchForm(`There is no passive of ${base}: nothing is done to anybody.`);
  }
  if (frame.parts.subject[0]?.tag === 'preposition' && !frame.question)
    throw new NoSuchForm('What stands in front of the subject cannot be told from it surely.');
  if (analysis.tokens[(object?.[0]?.at ?? 0) - 1]?.lower === 'so')
    throw new NoSuchForm(
      'So much, and what follows from it, stand together: there is no passive in use.',
    );
  if ([object, receiver].some((list) => /^(?:what|which|whose)$/.test(list?.[0]?.lower ?? '')))
    throw new NoSuchForm(`There is no passive here: what follows ${base} is a clause of its own.`);
  if (prepositional && frame.question)
    throw new NoSuchForm(
      `There is no passive of this question in use: ${base} needs its preposition.`,
    );
  if (
    object === undefined ||
    object[0]?.tag === 'to' ||
    object[0]?.tag === 'ing' ||
    object[0]?.tag === 'that' ||
    object[0]?.tag === 'question' ||
    object[0]?.tag === 'subordinator'
  ) {
    throw new NoSuchForm(
      `There is no passive here: ${base} has no object that could become the subject.`,
    );
  }
  // I think the storm is over: what is thought is a whole clause.
  const objectEnd = object[object.length - 1]?.at ?? 0;
  const wholeClause = analysis.clauses.some(
    (clause) =>
      clause !== main &&
      // The file you sent: what stands on the object with nothing that joins it cannot be moved surely.
      (clause.kind === 'that' || clause.kind === 'relative') &&
      clause.opener === undefined &&
      clause.group.finite.at > objectEnd &&
      clause.group.finite.at - objectEnd <= 2,
  );
  if (wholeClause)
    throw new NoSuchForm(`There is no passive here: what follows ${base} is a clause of its own.`);
  if (group.perfect && group.progressive)
    throw new NoSuchForm('A perfect continuous has no passive in use.');
  if (/^(?:my|your|him|her|it|our|them)sel(?:f|ves)$/.test(object[0]?.lower ?? ''))
    throw new NoSuchForm('Whoever does this does it to themselves: there is no passive.');
  const newSubject = asSubject(lowered(textOf(sentence, object), object[0]));
  const agreement = agreementOf(
    object.map((token, at) =>
      at === 0 && subjectForm[token.lower]
        ? { ...token, lower: (subjectForm[token.lower] as string).toLowerCase() }
        : token,
    ),
  );
  const asker = frame.parts.subject[0];
  if (asker?.tag === 'question' && frame.parts.subject.length === 1 && !frame.question)
    return whoDidIt(frame, asker, newSubject, agreement);
  const oldSubject = frame.subject;
  if (none.test(oldSubject) && !frame.negative && !frame.question) {
    const { result, accepted, changes } = toPassive(
      sentence.replace(/^(?:nobody|no one|no-one)\b/i, 'Somebody'),
      analyseSentence(sentence.replace(/^(?:nobody|no one|no-one)\b/i, 'Somebody'), forms.lexicon),
      forms,
    );
    const not = (text: string, short: boolean) =>
      text.replace(/\b(is|are|was|were|has|have|had|will|would|can|could|should|must)\b/, (word) =>
        short ? negativeOf(word, true) : negativeOf(word, false),
      );
    const all = [result, ...accepted].flatMap((text) => [not(text, false), not(text, true)]);
    const [first = result] = all;
    const by = all.flatMap((text) => [
      text.replace(' by somebody', ''),
      text.replace(/ by somebody|\.$/, ' by anybody.').replace(/\.\.$/, '.'),
    ]);
    return {
      result: first.replace(' by somebody', ''),
      accepted: [...new Set(by)].filter((text) => text !== first),
      changes,
    };
  }
  const named = felt.test(base) && feeler.test(oldSubject);
  const by = nobody.test(oldSubject) && !named ? '' : `by ${asObject(oldSubject)}`;
  const left = remainder(sentence, frame, [
    object,
    ...(receiver && receiver[0]?.tag !== 'preposition' ? [receiver] : []),
  ]);
  const to =
    receiver && receiver[0]?.tag !== 'preposition' ? `to ${textOf(sentence, receiver)}` : '';
  // Looked after the roses: the preposition stays with its verb.
  const own = prepositional && left.startsWith(prepositional.text) ? prepositional.text : undefined;
  // Left a burn on Dad's hand: before a noun phrase it is no particle.
  const used = new Set([...object, ...(receiver ?? [])].map(({ at }) => at));
  const lead = frame.parts.rest.find(({ at }) => !used.has(at));
  const opensPhrase = lead?.tag === 'preposition' && !used.has(lead.at + 1);
  const particle = own ?? (opensPhrase ? '' : (particleAt.exec(left)?.[0] ?? ''));
  const after = particle ? left.slice(particle.length).trim() : left;
  const first = analysis.tokens.find(
    ({ at, text }) =>
      at > group.verb.at && !object.some((one) => one.at === at) && after.startsWith(text),
  );
  // She was seen to run; he was made to wait.
  const tail = first?.tag === 'base' ? `to ${after}` : after;
  const made = (
    rest: readonly string[],
    negativeShort: boolean,
    { subject, agreement: agrees = agreement }: { subject: string; agreement?: Agreement } = {
      subject: newSubject,
    },
  ): string =>
    render(
      {
        ...frame,
        subject,
        agreement: agrees,
        features: { ...frame.features, passive: true },
        rest: rest
          .filter((part) => part !== '')
          .join(' ')
          .replace(/ ([,;])/g, '$1'),
      },
      negativeShort,
    );
  const short = /n[’']t/i.test(sentence);
  const early = made([particle, to, by, tail], short);
  const without = made([particle, to, tail], short);
  const late = made([particle, to, tail, by], short);
  // Tied to the wall by the sailors; closed by Bram at noon.
  // It was called Spark by me: what the object is called or becomes stays next to the verb.
  const complement =
    first !== undefined &&
    /^(?:name|noun|nouns|determiner|adjective|base|participle|ing)$/.test(first.tag);
  const place =
    complement ||
    frame.parts.parts.some(
      ({ name, tokens: list }) =>
        (name === 'where' || name === 'how') && tail.startsWith(textOf(sentence, list)),
    );
  // The tower above the village was hidden: the place may belong to what it is done to.
  const where = frame.parts.parts.find(
    ({ name, tokens: list }) => name === 'where' && tail === textOf(sentence, list),
  )?.tokens;
  const attribute = particle === '' && where ? attributeOf(object, where, base) : undefined;
  const whole = attribute && { subject: `${newSubject} ${tail}` };
  const placed = whole ? [made([to, by], short, whole), made([to], short, whole)] : [];
  const result = attribute === 'likely' ? (placed[0] as string) : place ? late : early;
  /** Gran was given a basket: of two objects the person can come first as well. */
  function toReceiver(): string[] {
    if (receiver === undefined || object === undefined || !twoPassives.test(base)) return [];
    if ((receiver[0]?.at ?? -1) < group.verb.at || particle !== '') return [];
    const person = receiver[0]?.tag === 'preposition' ? receiver.slice(1) : receiver;
    const [lead] = person;
    if (lead === undefined) return [];
    const subject = asSubject(lowered(textOf(sentence, person), lead));
    const agrees = agreementOf(
      person.map((token) =>
        subjectForm[token.lower]
          ? { ...token, lower: (subjectForm[token.lower] as string).toLowerCase() }
          : token,
      ),
    );
    const thing = textOf(sentence, object);
    // To her nephew, her brother's son: what is added to a name stays beside it.
    if (analysis.tokens[(receiver.at(-1)?.at ?? 0) + 1]?.tag === 'comma') return [];
    const others = remainder(sentence, frame, [object, receiver]);
    return [
      [thing, by, others],
      [thing, others, by],
      [thing, others],
    ].map((rest) => made(rest, short, { subject, agreement: agrees }));
  }
  const before = verbText(frame);
  const passiveVerb = verbPhrase({ ...frame.features, passive: true }, agreement, forms).join(' ');
  return {
    result,
    accepted: [...new Set([early, late, without, ...placed, ...toReceiver()])].filter(
      (one) => one !== result,
    ),
    changes: [
      {
        what: 'subject',
        from: oldSubject,
        to: attribute === 'likely' ? `${newSubject} ${tail}` : newSubject,
        why: 'What something is done to comes first.',
      },
      {
        what: 'verb',
        from: before,
        to: passiveVerb,
        why: 'A passive is a form of be and the past participle, in the same tense.',
      },
      by === ''
        ? {
            what: 'agent',
            from: oldSubject,
            to: '',
            why: 'Who does it is not named, so it is left out.',
          }
        : {
            what: 'agent',
            from: oldSubject,
            to: by,
            why: 'Who does it follows with by, or is left out.',
          },
    ],
  };
}

/** Who ate it? Who was it eaten by? The question word moves to the agent. */
function whoDidIt(
  frame: ClauseFrame,
  asker: TaggedToken,
  subject: string,
  agreement: Agreement,
): Changed {
  const asked = render({
    ...frame,
    before: '',
    subject,
    agreement,
    features: { ...frame.features, passive: true },
    question: true,
    rest: '',
  });
  const core = asked.charAt(0).toLowerCase() + asked.slice(1).replace(/[.?!]+["”’]?$/, '');
  const word = asker.text.charAt(0).toUpperCase() + asker.text.slice(1);
  return {
    result: `${word} ${core} by?`,
    accepted: asker.lower === 'who' ? [`By whom ${core}?`] : [],
    changes: [
      {
        what: 'subject',
        from: asker.text,
        to: subject,
        why: 'What something is done to becomes the subject; the question word goes with by.',
      },
    ],
  };
}

export function toActive(sentence: string, analysis: SentenceAnalysis, forms: FormSource): Changed {
  const { main, tokens } = analysis;
  if (main === undefined) throw new NoSuchForm('There is no main clause to change.');
  if (analysis.voice !== 'passive' || !main.group.passive)
    throw new NoSuchForm('This sentence is active already.');
  if (main.group.verb.lower === 'born') throw new NoSuchForm('Was born has no active form in use.');
  if (tokens.some(({ lower, tag }) => lower === 'whom' || (tag === 'question' && lower === 'who')))
    throw new NoSuchForm('This asks who does it: the active question begins with who.');
  const frame = frameOf(sentence, analysis, forms);
  const agent = agentOf(tokens, main.group.verb.at);
  // Was not found, was never found, without an agent: nobody found it.
  const never = frame.adverbs.includes('never');
  const denied = agent === undefined && !frame.question && (frame.negative || never);
  const left = remainder(sentence, frame, agent ? [agent] : []);
  const doer = agent?.slice(1) ?? [];
  const subject = agent
    ? asSubject(lowered(textOf(sentence, doer), doer[0]))
    : denied
      ? 'nobody'
      : 'someone';
  const agreement = agent
    ? agreementOf(
        doer.map((token, at) =>
          at === 0 && subjectForm[token.lower]
            ? { ...token, lower: (subjectForm[token.lower] as string).toLowerCase() }
            : token,
        ),
      )
    : { person: 3 as const, plural: false };
  const nothing = !agent && /^(?:nothing|nobody|no one)$/i.test(frame.subject);
  const object = nothing
    ? frame.subject.replace(/^no(?:thing)?(?=body| one|$)/i, (no) =>
        no.length > 2 ? 'anything' : 'any',
      )
    : asObject(frame.subject);
  const active = Object.fromEntries(
    Object.entries(frame.features).filter(([name]) => name !== 'passive'),
  ) as unknown as typeof frame.features;
  const particle = particleAt.exec(left)?.[0] ?? '';
  const tail = particle ? left.slice(particle.length).trim() : left;
  const short = /n[’']t/i.test(sentence);
  const made = (rest: readonly string[]) =>
    render(
      {
        ...frame,
        subject: nothing ? 'nobody' : subject,
        agreement,
        features: active,
        ...(denied
          ? {
              negative: false,
              adverbs: frame.adverbs.map((one) => (one === 'never' ? 'ever' : one)),
            }
          : {}),
        rest: rest
          .filter((part) => part !== '')
          .join(' ')
          .replace(/ ([,;])/g, '$1'),
      },
      short,
    );
  const result = made([object, particle, tail]);
  return {
    result,
    accepted:
      agent || denied || nothing
        ? []
        : ['people', 'they'].map((other) =>
            render(
              {
                ...frame,
                subject: other,
                agreement: { person: 3, plural: true },
                features: active,
                rest: [object, particle, tail].filter((part) => part !== '').join(' '),
              },
              short,
            ),
          ),
    changes: [
      {
        what: 'subject',
        from: frame.subject,
        to: subject,
        why: agent
          ? 'Who does it comes first.'
          : 'The sentence does not say who does it: someone stands for it.',
      },
      {
        what: 'verb',
        from: verbText(frame),
        to: verbPhrase(active, agreement, forms).join(' '),
        why: 'Be and the participle become the plain verb in the same tense.',
      },
      {
        what: 'object',
        from: frame.subject,
        to: object,
        why: 'What it is done to follows the verb.',
      },
    ],
  };
}
