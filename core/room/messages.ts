/**
 * What goes over the wire of a room. Everything that comes in is checked against
 * these shapes, at the server and once more where it arrives.
 */
import 'reflect-metadata/lite';
import {
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';

/** Letters and figures of a code: no vowels, so that no word stands in it; none that look alike. */
export const CODE_SIGNS = 'BCDFGHJKMNPQRSTVWXZ2456789';
export const CODE_LENGTH = 6;
const CODE = new RegExp(`^[${CODE_SIGNS}]{${CODE_LENGTH}}$`);

/** A code as it was typed, with blanks, small letters and strokes; undefined where it cannot be one. */
export function codeFrom(typed: string): string | undefined {
  const code = typed.toUpperCase().replace(/[\s-]/g, '');
  return CODE.test(code) ? code : undefined;
}

export const NAME_LENGTH = 40;
/** Characters of an answer as JSON. */
export const ANSWER_SIZE = 40_000;
/** Characters of what the teacher sends the class: exercises with their texts and pictures. */
export const CONTENT_SIZE = 3_000_000;
/** Learners in a room. */
export const MOST_MEMBERS = 60;

const Secret = () => Matches(/^[\w-]{16,80}$/, { message: 'This key is none of a room.' });

/** The teacher opens a room, or comes back to hers. */
export class OpenMessage {
  /** Known to her browser alone. */
  @Secret()
  secret!: string;

  /** The code of a room that was open before. */
  @IsOptional()
  @Matches(CODE, { message: 'This code is none of a room.' })
  code?: string;
}

/** A learner comes in, or comes back. */
export class JoinMessage {
  @Matches(CODE, { message: 'This code is none of a room.' })
  code!: string;

  /** Known to the device alone: whoever has it is this learner. */
  @Secret()
  key!: string;

  /** Empty while it is still to be chosen. */
  @IsString()
  @MaxLength(NAME_LENGTH, { message: `A name can have ${NAME_LENGTH} letters at most.` })
  name!: string;
}

/** What a learner answered. The same is sent until it is said to be stored. */
export class AnswerMessage {
  /** Of this very answer: what comes twice has the same. */
  @Matches(/^[\w-]{8,60}$/, { message: 'This answer has no id.' })
  id!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(200)
  exercise!: string;

  /** Counts up for each exercise: of two answers the later counts, whichever comes first. */
  @IsInt()
  @Min(1)
  @Max(1_000_000)
  turn!: number;

  /** By the ids of the items, as the interaction takes it. */
  @IsObject()
  response!: Readonly<Record<string, unknown>>;

  /** Which making of the exercise was answered. */
  @IsOptional()
  @IsString()
  @MaxLength(20)
  print?: string;
}

/** Kinds of things that are told to the class. */
const toldKinds = ['content', 'show', 'pair', 'stored', 'named', 'away', 'slate', 'game'] as const;

/** What the teacher sends to all, or to one. */
export class TellMessage {
  /** The id of a member; absent where it is for all. */
  @IsOptional()
  @IsString()
  @MaxLength(60)
  to?: string;

  @IsIn(toldKinds)
  kind!: (typeof toldKinds)[number];

  @IsObject()
  body!: object;
}

/** What a call is answered with. */
export type Answered<More extends object = object> =
  ({ readonly ok: true } & More) | { readonly ok: false; readonly message: string };
