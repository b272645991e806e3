/**
 * What learners and their families are told in their own language, one file a language, by hand for
 * Wordane: buttons and messages, the line under an instruction, the rules that feedback names (each
 * under its English), and the page for a family. A new language is a file beside these and a line
 * here.
 */
import ar from './ar.json';
import de from './de.json';
import es from './es.json';
import fr from './fr.json';
import it from './it.json';
import ja from './ja.json';
import pl from './pl.json';
import pt from './pt.json';
import ru from './ru.json';
import uk from './uk.json';
import zh from './zh.json';

const tables = { fr, es, pt, it, de, pl, ru, uk, ja, ar, zh };

export type LearnerTable = (typeof tables)[keyof typeof tables];

/** The tables by the language's tag. */
export const learnerTables: Readonly<Record<string, LearnerTable>> = tables;
