/** The copies of an exercise or a sheet: one for each learner of a class, or one of each version. */
import { versionNames, versions, type Version } from '~core/kernel/version';
import type { Exercise } from '~core/exercises/making/exercise';
import type { Meanings } from '~core/languages/en/words/meanings';
import type { SheetLayout } from '~core/paper/sheet-layout';
import { sheetStyle } from '~core/paper/style';
import type { CopyHelp } from '~core/plan/plan';
import type { LessonPart } from '~core/records/lesson';
import { namedCopies, sheetsTogether } from '~core/sheets/copies';
import { layOutBlocks } from '~core/sheets/lay-out-blocks';
import { layOutKeys } from '~core/sheets/lay-out-keys';
import { layOutSheet, type Sheet } from '~core/sheets/sheet';
import type { PartContext, PartMaker } from './part-maker';

/** The part that is copied, and all that it is made with. */
export interface Copied {
  readonly maker: PartMaker;
  readonly part: LessonPart;
  /** All exercises of the lesson: a sheet may show some of them. */
  readonly parts: readonly LessonPart[];
  readonly context: PartContext;
  readonly meanings?: Meanings | undefined;
}

/** Makes the sheet of each version once, and keeps the exercises, whose keys stand together. */
class Copies {
  private readonly made = new Map<string, Sheet>();
  private readonly exercises = new Map<Version, Exercise>();
  private readonly ownNames: boolean;

  constructor(private readonly copied: Copied) {
    const { part, parts } = copied;
    const members =
      part.kind === 'sheet' ? (part.blocks ?? []).map((block) => block.part) : [part.id];
    this.ownNames = [part, ...parts].some(
      (each) => members.includes(each.id) && each.parameters.ownName === true,
    );
  }

  sheetOf(version: Version | undefined, name: string, help: CopyHelp): Sheet {
    const { version: _, ...ways } = help;
    const key = `${version ?? ''} ${this.ownNames ? name : ''} ${JSON.stringify(ways)}`;
    const known = this.made.get(key);
    if (known !== undefined) return known;
    const sheet = this.layOut(version, name, { ...this.copied.part.layout, ...ways });
    this.made.set(key, sheet);
    return sheet;
  }

  private layOut(version: Version | undefined, name: string, layout: SheetLayout): Sheet {
    const { maker, part, parts, context, meanings } = this.copied;
    const { profile, footer } = context;
    if (part.kind === 'sheet') {
      const sheet = { ...part, layout };
      const resolved = maker.resolved(sheet, parts, version, context, meanings, name);
      return layOutBlocks(resolved, profile, footer);
    }
    const parameters = version ? { ...part.parameters, version } : part.parameters;
    const exercise = maker.exercise({ ...part, parameters }, context, meanings, name);
    this.exercises.set(version ?? 'core', exercise);
    return layOutSheet(exercise, profile, footer, undefined, layout);
  }

  /** The lists of several versions on one page; a key written into the sheet has pages of its own. */
  keys(): Sheet | undefined {
    const { part, context } = this.copied;
    const [first, ...others] = this.exercises.values();
    const apart = this.ownNames || part.layout?.key === 'written';
    if (first === undefined || others.length === 0 || apart) return undefined;
    const named = versions.flatMap((version) => {
      const exercise = this.exercises.get(version);
      return exercise ? [{ name: versionNames[version], exercise }] : [];
    });
    return layOutKeys(first.title, named, context.profile, context.footer, part.layout?.paper);
  }
}

/** A copy for each learner in her version, with her name on, the keys and a cutting list. */
export function learnersCopies(copied: Copied): Sheet | undefined {
  const { part, context } = copied;
  const { profile, helps = {} } = context;
  const copies = new Copies(copied);
  const named = profile.roster.map(({ name, version }) => {
    const help = helps[name] ?? {};
    const own = help.version ?? version;
    return { name, version: own, sheet: copies.sheetOf(own, name, help) };
  });
  return namedCopies(named, sheetStyle(profile, { ...part.layout, columns: 1 }), copies.keys());
}

/** One of each version without a name, then their keys. */
export function versionsTogether(copied: Copied): Sheet {
  const copies = new Copies(copied);
  const of = (version: Version) => copies.sheetOf(version, '', {});
  const sheets: [Sheet, Sheet, Sheet] = [of('support'), of('core'), of('stretch')];
  return sheetsTogether(sheets, copies.keys());
}
