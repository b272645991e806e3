/**
 * How to tell often confused words apart, and the class of each word as its set
 * uses it: one line a set, in the order of the table. Written for Wordane.
 */

export const tipClasses = {
  n: 'noun',
  v: 'verb',
  a: 'adjective',
  d: 'adverb',
  p: 'preposition',
  c: 'conjunction',
  t: 'determiner',
  r: 'pronoun',
  u: 'number',
  k: 'two words in one',
} as const;
type TipClass = (typeof tipClasses)[keyof typeof tipClasses];

const lines = `
d t k = there has here in it, a place; their has heir in it, one who owns; they're says they are.
t k = you're says you are: try it in the sentence.
t k = it's says it is: try it. Without sense? Then its.
p d u = too has one o too many; two has the w of twice.
d v = You hear with your ear.
v n = We see with two eyes, e and e; the sea has an a, as in water.
a n = A bear has an ear in it.
u v = won comes from win; one is in only, o-n: both begin alike.
n n = The sun is up; a son has an o, as in boy.
v n = A bee has one e for each wing.
v a = blew is blow, long ago: the w stays.
n n = A knight begins with k, as the king he serves.
d a = The end of quiet is et: it makes two beats, qui-et.
a v = knew comes from know: the k stays.
t v = To know begins with k, as knowledge does.
a v = You write with a w, as in word.
v n = weight has eight in it: a number on the scales.
n v = If you break a plate, you may want to eat off another: break has ea.
a n = You pay a fare: it ends as the price of a ticket does, with e.
v a = great has eat in it; you grate with a grater.
n a = grown comes from grow: the w stays.
v n k = heal comes before health; heel has two e's, as feet; he'll says he will.
n d = A knot has a k, as knit has.
n n = male ends as female does.
a n = A mane is on a mare: both begin with ma and end with e.
n v = meat has eat in it; two e's meet in meet.
n v = A medal is of metal: both end in al.
v n = missed comes from miss; mist is in the air and short as fog.
n n = A piece of pie: piece has pie in it.
a n = A plane flies from place to place: both end in e; plain has ai as main.
n n v = rain falls on the main road: ai; a rein has e for eager horses; who reigns has a g, as a king.
n v = seen comes from see; a scene begins with sc, as a screen.
n c = whether asks h as in how: it means if; weather has eat in it.
t k = who's says who is: try it.
v p = accept takes all in; except leaves out, as exit does.
v n = affect is the action, with a; effect is the end result, with e.
n v = You bawl when you are awfully sad: both have aw.
n v = You bury under the ground: both have u.
d a = aloud has loud in it.
n n k = An isle is an island: is-land; an aisle begins with a, as an alley does; I'll says I will.
n v = alter changes: it ends as after does, with er.
n n = ascent has scent, as descent has: both are about a hill.
a n = A bridle goes on in the stable: both end in le.
n n = A serial comes in a series: both begin with seri.
n n = A complement completes; I like a compliment.
n n = dissent is to disagree: both begin with dis.
n n = A dessert has two s's, for something sweet.
n n = A draught ends as caught does: you may have caught a cold in it.
d n = farther has far in it.
v n = guessed comes from guess; a guest is one who stays.
v n = heard has ear in it.
v n = led is the past of to lead; the metal has the a of a bead, but says led.
n n = mourning has our in it: our sad time.
p v = passed comes from pass: what somebody did; past tells where or when.
v v = pre- means before: precede goes before.
n n = The principal is your pal; a principle is a rule: both end in le.
n n = A prophet has ph, as a phrase that is foretold; a profit is fit for the purse.
a n = stationery has er, as in paper.
v n = steel has ee, as in wheel; who steals takes what others eat.
a a = weary has wear in it: worn out; a wary one is aware.
a v = lose has lost an o.
c d = then is when: both have en; than compares: both have an a.
p p = off has two f's, one of them off the end.
v d k = where has here in it: a place; we're says we are.
n n = A flower has low in it: it grows low.
n a = whole begins with w, as in with nothing left out.
n v v = A road has oa, as a boat has; rode comes from ride; rowed comes from row.
n n = sail has ai, as in air: wind fills it.
n n = A tale is on a page: both end in e; a tail has ai, as in hair.
v p = threw comes from throw: the w stays.
v d = where has here in it: a place.
n v = would belongs with could and should: ould.
n n v = A pear has ear in it; a pair has air in it; you pare with care.
n n = A hare has are, as in share; hair has air in it.
v u = eight ends as weight does: a number on the scales.
n n v = A cent is one of a century; a scent is sensed: sc; sent comes from send.
n v = ice is a noun: practice ends in ice.
n v = ice is a noun: licence ends in ce, as ice does.
n v = ice is a noun: advice ends in ice.
n v = ice is a noun: device ends in ice.
`;

export interface ConfusableTip {
  /** The class of each word of the set, in its order. */
  readonly classes: readonly TipClass[];
  /** How to tell the words apart, in a learner's words. */
  readonly tell: string;
}

/** By the number of the set's line. */
export const confusableTips: readonly ConfusableTip[] = lines
  .trim()
  .split('\n')
  .map((line) => {
    const [codes = '', tell = ''] = line.split(' = ');
    return {
      classes: codes.split(' ').map((code) => tipClasses[code as keyof typeof tipClasses]),
      tell,
    };
  });
