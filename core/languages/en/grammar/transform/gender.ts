/** Whether he or she is said of somebody, by a name or by a word that says it. */
import { pronounOfName } from '../tagging/given-names';

export const men =
  /\b(?:brother|father|dad|daddy|uncle|grandfather|grandpa|grandad|granddad|son|nephew|man|boy|king|prince|postman|policeman|fireman|foreman|husband|gentleman|headmaster|grandson|mr)\b/i;
export const women =
  /\b(?:sister|mother|mum|mom|mummy|mommy|aunt|auntie|grandmother|grandma|gran|granny|nan|daughter|niece|woman|girl|lady|wife|queen|princess|headmistress|granddaughter|mrs|miss|ms)\b/i;

/** He or she by a name, or by a word that says it: my brother, Gran. */
export const genderOf = (person: string): 'he' | 'she' | undefined => {
  if (/\band\b/.test(person)) return undefined;
  const plain = person.trim();
  return (
    pronounOfName(plain) ??
    (women.test(plain) ? 'she' : men.test(plain) && !/s$/.test(plain) ? 'he' : undefined)
  );
};
