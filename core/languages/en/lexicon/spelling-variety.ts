/**
 * British spellings of American words by rule: -our, -re, -ise, -yse, -ogue,
 * -ence, doubled l, ae and oe, and a short list of words that follow none.
 * A rule only proposes; whether the form is a word is for a spelling
 * dictionary to say. Common practice; the groups are those of
 * Fowler, Modern English Usage (1926), from memory.
 */

interface VarietyRule {
  readonly american: RegExp;
  readonly british: string;
}

const rules: readonly VarietyRule[] = [
  {
    american: /(.{2})or(s|ed|ing|ful|fully|less|able|ably|ite|ites|er|ers|y|hood|ist|ists)?$/,
    british: '$1our$2',
  },
  { american: /([bt])er(s|ed)?$/, british: '$1re$2' },
  { american: /iz(e|es|ed|er|ers|ing|ation|ations)$/, british: 'is$1' },
  { american: /yz(e|es|ed|er|ers|ing)$/, british: 'ys$1' },
  { american: /([^l])l(ed|ing|er|ers|ings|ist|ists)$/, british: '$1ll$2' },
  { american: /(og)(s)?$/, british: '$1ue$2' },
  { american: /ense(s)?$/, british: 'ence$1' },
  { american: /ll(ment|ments|ful|fully)$/, british: 'l$1' },
  { american: /ll(s)?$/, british: 'l$1' },
  { american: /^(an|p|gyn|arch|encyclop|or?th?op)e/, british: '$1ae' },
  { american: /e(?=[^aeiou])/, british: 'ae' },
  { american: /(^|[^o])e(?=[^aeiou])/, british: '$1oe' },
];

/** Words whose British spelling follows no rule, with their inflections. */
const irregular = new Map(
  `gray=grey grays=greys grayer=greyer graying=greying grayish=greyish tire=tyre tires=tyres curb=kerb curbs=kerbs
   plow=plough plows=ploughs plowed=ploughed plowing=ploughing pajamas=pyjamas mom=mum moms=mums mommy=mummy
   airplane=aeroplane airplanes=aeroplanes cozy=cosy cozier=cosier coziest=cosiest skeptical=sceptical skeptic=sceptic
   jewelry=jewellery mustache=moustache mustaches=moustaches mold=mould molds=moulds moldy=mouldy molt=moult
   smolder=smoulder smoldering=smouldering maneuver=manoeuvre maneuvers=manoeuvres check=cheque story=storey
   program=programme programs=programmes aluminum=aluminium artifact=artefact artifacts=artefacts defense=defence
   offense=offence license=licence pretense=pretence practicing=practising practiced=practised ax=axe
   marvelous=marvellous woolen=woollen wagon=waggon judgment=judgement aging=ageing sulfur=sulphur
   draft=draught drafts=draughts drafty=draughty theater=theatre theaters=theatres center=centre centered=centred
   centers=centres centering=centring meter=metre meters=metres liter=litre liters=litres fiber=fibre fibers=fibres
   somber=sombre luster=lustre specter=spectre caliber=calibre saber=sabre kilometer=kilometre
   kilometers=kilometres millimeter=millimetre millimeters=millimetres centimeter=centimetre centimeters=centimetres
   esophagus=oesophagus estrogen=oestrogen fetus=foetus diarrhea=diarrhoea anemia=anaemia anesthetic=anaesthetic
   feces=faeces archeology=archaeology archeologist=archaeologist encyclopedia=encyclopaedia leukemia=leukaemia
   pediatric=paediatric pediatrician=paediatrician skillful=skilful willful=wilful fulfill=fulfil fulfills=fulfils
   enroll=enrol enrolls=enrols installment=instalment distill=distil instill=instil appall=appal cancelation=cancellation
   vise=vice donut=doughnut donuts=doughnuts yogurt=yoghurt yogurts=yoghurts whiskey=whisky plowman=ploughman`
    .split(/\s+/)
    .map((pair) => pair.split('=') as [string, string]),
);

/** Words a rule would change wrongly into another word. */
const neverChanged = new Set('prize prized prizes size sized sizes capsize seize'.split(' '));

/** Pairs in which both words are in use on both sides, with different meanings: neither replaces the other. */
const bothInUse = new Set(
  'check story tire curb draft meter vise ax program mold license practice meters programs drafts tires curbs'.split(
    ' ',
  ),
);

/**
 * Possible British spellings of an American word, the listed one first.
 * Most are no words: ask a spelling dictionary.
 */
export function britishCandidates(american: string): string[] {
  const listed = irregular.get(american);
  if (listed !== undefined) return [listed];
  if (neverChanged.has(american)) return [];
  const found = rules
    .map((rule) => american.replace(rule.american, rule.british))
    .filter((form) => form !== american);
  return [...new Set(found)];
}

/** The listed British spelling of an American word, or undefined where only rules may know one. */
export function listedBritish(american: string): string | undefined {
  return irregular.get(american);
}

/** True where the American spelling stays in use in Britain beside the other (check, cheque). */
export function staysInBritain(american: string): boolean {
  return bothInUse.has(american);
}
