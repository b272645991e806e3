/**
 * Given names with the pronoun that most bearers use, and names that are spelled
 * like other words. A small table of common knowledge: of a name that is not here
 * they is said, and he and she are accepted.
 */
const she = new Set(
  `aisha alice amelia amina amy anna anne asha bella beth chloe clara daisy ella ellen emily emma eva evie fatima
   fiona grace hannah helen ida ines isla ivy jane jess joan julia juno kate katie kim lara layla lena leila lily lina
   lisa lola lucy maria marie martha mary maya mei mia mina molly nadia nina noor nora olivia petra pia poppy priya
   rosa rose rosie ruby ruth sally sara sarah sita sofia sophie sue susan tess wren yasmin zara zoe`.split(
    /\s+/,
  ),
);
const he = new Set(
  `adam ahmed alan ali amir andrew arjun arthur ben bilal bob bram charlie dan daniel david eddie ellis ethan finn
   frank fred george hamza harry henry hugo ibrahim ivan jack jacob jake james jim joe john jonas joseph josh kofi
   kwame leo liam luca lucas luke mark martin max michael mohammed musa nick noah oliver omar oscar otto paul pedro
   peter ravi robert ryan sami samuel simon stefan theo thomas tim toby tom tomas victor will william yusuf zeb`.split(
    /\s+/,
  ),
);

/** He or she, as most who bear the name are called; undefined where it is not known. */
export function pronounOfName(name: string): 'he' | 'she' | undefined {
  const plain = name.toLowerCase();
  return she.has(plain) ? 'she' : he.has(plain) ? 'he' : undefined;
}

/** Countable nouns that stand without an article only as somebody’s name: Wren hid. */
const bareNames = new Set(
  'wren robin rose lily daisy poppy penny jay finch olive iris heath cliff dean drew rob bill rusty dusty ruby'.split(
    ' ',
  ),
);

export const isBareName = (word: string): boolean => bareNames.has(word.toLowerCase());
