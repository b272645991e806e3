/**
 * The irregular verbs of English: base, past, past participle. Variants are
 * joined by `/`, the more frequent first; `us:` and `uk:` mark forms of one side
 * of the Atlantic. The list is that of school grammars (common practice; Quirk
 * et al. 1985, chapter 3, from memory).
 */
import type { Spelling } from '../../../kernel/spelling';

const table = `
arise arose arisen
awake awoke awoken
be was/were been
bear bore borne/born
beat beat beaten
become became become
befall befell befallen
begin began begun
behold beheld beheld
bend bent bent
bet bet/betted bet/betted
bid bid/bade bid/bidden
bind bound bound
bite bit bitten
bleed bled bled
blow blew blown
break broke broken
breed bred bred
bring brought brought
broadcast broadcast/broadcasted broadcast/broadcasted
build built built
burn burned/burnt burned/burnt
burst burst burst
bust busted/bust busted/bust
buy bought bought
cast cast cast
catch caught caught
choose chose chosen
cling clung clung
come came come
cost cost cost
creep crept crept
cut cut cut
deal dealt dealt
dig dug dug
dive us:dove/dived dived
do did done
draw drew drawn
dream dreamed/dreamt dreamed/dreamt
drink drank drunk
drive drove driven
dwell dwelt/dwelled dwelt/dwelled
eat ate eaten
fall fell fallen
feed fed fed
feel felt felt
fight fought fought
find found found
fit fitted/us:fit fitted/us:fit
flee fled fled
fling flung flung
fly flew flown
forbid forbade/forbad forbidden
forecast forecast/forecasted forecast/forecasted
foresee foresaw foreseen
foretell foretold foretold
forget forgot forgotten
forgive forgave forgiven
forsake forsook forsaken
freeze froze frozen
get got us:gotten/got
give gave given
go went gone
grind ground ground
grow grew grown
hang hung/hanged hung/hanged
have had had
hear heard heard
hide hid hidden
hit hit hit
hold held held
hurt hurt hurt
keep kept kept
kneel knelt/kneeled knelt/kneeled
knit knitted/knit knitted/knit
know knew known
lay laid laid
lead led led
lean leaned/uk:leant leaned/uk:leant
leap leaped/leapt leaped/leapt
learn learned/uk:learnt learned/uk:learnt
leave left left
lend lent lent
let let let
lie lay/lied lain/lied
light lit/lighted lit/lighted
lose lost lost
make made made
mean meant meant
meet met met
mislay mislaid mislaid
mislead misled misled
mistake mistook mistaken
misunderstand misunderstood misunderstood
mow mowed mown/mowed
outdo outdid outdone
outgrow outgrew outgrown
overcome overcame overcome
overdo overdid overdone
overhear overheard overheard
oversleep overslept overslept
overtake overtook overtaken
overthrow overthrew overthrown
pay paid paid
plead pleaded/us:pled pleaded/us:pled
prove proved proven/proved
put put put
quit quit/quitted quit/quitted
read read read
rebuild rebuilt rebuilt
redo redid redone
repay repaid repaid
resell resold resold
reset reset reset
retell retold retold
rewrite rewrote rewritten
rid rid rid
ride rode ridden
ring rang rung
rise rose risen
run ran run
saw sawed sawn/sawed
say said said
see saw seen
seek sought sought
sell sold sold
send sent sent
set set set
sew sewed sewn/sewed
shake shook shaken
shave shaved shaved/shaven
shear sheared shorn/sheared
shed shed shed
shine shone/shined shone/shined
shoot shot shot
show showed shown/showed
shrink shrank/shrunk shrunk
shut shut shut
sing sang sung
sink sank/sunk sunk
sit sat sat
sleep slept slept
slide slid slid
sling slung slung
slink slunk slunk
slit slit slit
smell smelled/uk:smelt smelled/uk:smelt
sow sowed sown/sowed
speak spoke spoken
speed sped/speeded sped/speeded
spell spelled/uk:spelt spelled/uk:spelt
spend spent spent
spill spilled/uk:spilt spilled/uk:spilt
spin spun spun
spit spat/us:spit spat/us:spit
split split split
spoil spoiled/uk:spoilt spoiled/uk:spoilt
spread spread spread
spring sprang/us:sprung sprung
stand stood stood
steal stole stolen
stick stuck stuck
sting stung stung
stink stank/stunk stunk
stride strode stridden
strike struck struck
string strung strung
strive strove/strived striven/strived
swear swore sworn
sweat sweated/us:sweat sweated/us:sweat
sweep swept swept
swell swelled swollen/swelled
swim swam swum
swing swung swung
take took taken
teach taught taught
tear tore torn
tell told told
think thought thought
thrive thrived/throve thrived/thriven
throw threw thrown
thrust thrust thrust
tread trod trodden/trod
undergo underwent undergone
understand understood understood
undertake undertook undertaken
undo undid undone
unwind unwound unwound
uphold upheld upheld
upset upset upset
wake woke/waked woken/waked
wear wore worn
weave wove/weaved woven/weaved
weep wept wept
wet wet/wetted wet/wetted
win won won
wind wound wound
withdraw withdrew withdrawn
withhold withheld withheld
withstand withstood withstood
wring wrung wrung
write wrote written
`;

export interface IrregularVerb {
  readonly base: string;
  /** The usual form first. */
  readonly past: readonly string[];
  readonly pastParticiple: readonly string[];
}

/** `uk:` and `us:` forms come first on their own side and last on the other. */
function variants(cell: string, spelling: Spelling): string[] {
  const forms = cell.split('/').map((form) => {
    const [side, word] = form.includes(':') ? (form.split(':') as [string, string]) : ['', form];
    return { word, order: side === '' ? 1 : side === spelling ? 0 : 2 };
  });
  return forms.sort((left, right) => left.order - right.order).map((form) => form.word);
}

const rows = new Map(
  table
    .trim()
    .split('\n')
    .map((line) => line.split(' ') as [string, string, string])
    .map((row) => [row[0], row]),
);

/** The forms of an irregular verb, or undefined where the verb is regular. */
export function irregularVerb(base: string, spelling: Spelling = 'us'): IrregularVerb | undefined {
  const row = rows.get(base);
  if (row === undefined) return undefined;
  return {
    base,
    past: variants(row[1], spelling),
    pastParticiple: variants(row[2], spelling),
  };
}

/** Every irregular base form. */
export const irregularBases: readonly string[] = [...rows.keys()];
