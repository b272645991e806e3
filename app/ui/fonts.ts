/** The shipped fonts: the interface's and the learners', Latin, extended Latin and Cyrillic. */
import '@fontsource-variable/hanken-grotesk/index.css';
import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import '@fontsource/andika/latin-ext-400.css';
import '@fontsource/andika/latin-ext-700.css';
import '@fontsource/andika/cyrillic-400.css';
import '@fontsource/andika/cyrillic-700.css';
import '@fontsource/lexend/latin-400.css';
import '@fontsource/lexend/latin-700.css';
import '@fontsource/lexend/latin-ext-400.css';
import '@fontsource/lexend/latin-ext-700.css';
import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-400.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-700.css';
import '@fontsource/opendyslexic/latin-400.css';
import '@fontsource/opendyslexic/latin-700.css';
import '@fontsource/edu-au-vic-wa-nt-pre/latin-400.css';
import '@fontsource/edu-au-vic-wa-nt-pre/latin-ext-400.css';
import '@fontsource/edu-au-vic-wa-nt-dots/latin-400.css';
import '@fontsource/edu-au-vic-wa-nt-hand/latin-400.css';
import '@fontsource/edu-au-vic-wa-nt-hand/latin-ext-400.css';
import '@fontsource-variable/edu-au-vic-wa-nt-arrows/wght.css';
import '@fontsource-variable/playwrite-gb-s/wght.css';
import '@fontsource-variable/playwrite-gb-j/wght.css';
import '@fontsource/playwrite-us-trad/latin-400.css';
import '@fontsource/playwrite-fr-moderne/latin-400.css';
import '@fontsource/playwrite-ie/latin-400.css';
import '@fontsource/playwrite-us-modern/latin-400.css';
import '@fontsource/playwrite-nz/latin-400.css';
import '@fontsource/edu-nsw-act-foundation/latin-400.css';
import '@fontsource/edu-qld-beginner/latin-400.css';
import '@fontsource/edu-sa-beginner/latin-400.css';
import '@fontsource/edu-tas-beginner/latin-400.css';
import '@fontsource/playwrite-de-grund/latin-400.css';
import '@fontsource/playwrite-es/latin-400.css';
import '@fontsource/playwrite-it-moderna/latin-400.css';
import '@fontsource/playwrite-pt/latin-400.css';
import { plainFont } from '~core/paper/font-name';
import { familyOf } from '~core/languages/language-pack';

/** Fonts of other scripts; only those are there that a page needs. */
const otherScripts =
  "'Noto Sans JP', 'Noto Sans SC', 'Noto Sans KR', 'Noto Sans Arabic', 'Noto Sans Hebrew'";

/** The CSS font family of a learner font. */
export function fontFamily(font: string): string {
  return `'${familyOf(plainFont(font))}', 'Andika', ${otherScripts}, sans-serif`;
}
