/** Names that are a place’s, by their own words or by the words before them. */
import { pronounOfName } from '../../languages/en/grammar/tagging/given-names';

export const titles =
  /^(?:Mr|Mrs|Ms|Miss|Dr|Sir|Lady|King|Queen|Captain|Aunt|Uncle|Grandma|Grandpa)\.?$/u;
export const placeWords =
  /(?:Hill|Street|Road|Lane|River|Sea|Ocean|Bay|Lake|Mountain|Island|Islands|Wood|Forest|Farm|Bridge|Park|Square|School|Station|House|Hall|Castle|Beach|Valley|Town|City|Village|Harbour|Fernhill)$/u;

/** True for a name that its words or the words before it show to be a place’s. */
export function isPlaceName(name: string, body: string): boolean {
  const [first = ''] = name.split(' ');
  if (titles.test(first) || pronounOfName(first) !== undefined) return false;
  const plain = name.replace(/[^\p{L}’' -]/gu, '');
  return (
    placeWords.test(plain) ||
    new RegExp(`\\b(?:in|to|from|at|near|through|towards) ${plain}\\b`, 'u').test(body)
  );
}
