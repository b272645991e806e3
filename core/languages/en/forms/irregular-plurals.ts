/**
 * Nouns whose plural follows no rule, one that is taught as an exception, or a
 * foreign one; common practice. Where two plurals are in use the first is the
 * more frequent.
 */
const table = `
child children
person people
man men
woman women
foot feet
tooth teeth
goose geese
mouse mice
louse lice
ox oxen
die dice
penny pennies/pence
brother brothers/brethren
sheep sheep
deer deer
fish fish/fishes
moose moose
swine swine
trout trout
salmon salmon
cod cod
squid squid/squids
shrimp shrimp/shrimps
aircraft aircraft
spacecraft spacecraft
hovercraft hovercraft
series series
species species
means means
offspring offspring
headquarters headquarters
crossroads crossroads
scissors scissors
trousers trousers
bison bison
elk elk
reindeer reindeer
buffalo buffaloes/buffalo/buffalos
calf calves
behalf behalves/behalfs
half halves
hoof hooves/hoofs
scarf scarves/scarfs
dwarf dwarves/dwarfs
wharf wharves/wharfs
elf elves
self selves
shelf shelves
leaf leaves
loaf loaves
sheaf sheaves
thief thieves
wolf wolves
knife knives
life lives
wife wives
midwife midwives
penknife penknives
jackknife jackknives
werewolf werewolves
bookshelf bookshelves
cactus cacti/cactuses
fungus fungi/funguses
nucleus nuclei
radius radii
stimulus stimuli
alumnus alumni
syllabus syllabuses/syllabi
octopus octopuses
hippopotamus hippopotamuses/hippopotami
analysis analyses
basis bases
crisis crises
oasis oases
axis axes
thesis theses
diagnosis diagnoses
hypothesis hypotheses
parenthesis parentheses
synthesis syntheses
phenomenon phenomena
criterion criteria
bacterium bacteria
medium media
datum data
curriculum curricula/curriculums
stadium stadiums/stadia
aquarium aquariums/aquaria
index indexes/indices
appendix appendices/appendixes
matrix matrices/matrixes
vertex vertices
antenna antennae/antennas
larva larvae
formula formulas/formulae
nebula nebulae
vertebra vertebrae
alga algae
passer-by passers-by
mother-in-law mothers-in-law
father-in-law fathers-in-law
sister-in-law sisters-in-law
brother-in-law brothers-in-law
this these
that those
quiz quizzes
hero heroes
echo echoes
potato potatoes
tomato tomatoes
torpedo torpedoes
veto vetoes
embargo embargoes
volcano volcanoes/volcanos
tornado tornadoes/tornados
mosquito mosquitoes/mosquitos
mango mangoes/mangos
domino dominoes
cargo cargoes/cargos
halo haloes/halos
motto mottoes/mottos
zero zeros/zeroes
flamingo flamingos/flamingoes
`;

/** Noun against its plurals, the usual one first. */
export const irregularPlurals: ReadonlyMap<string, readonly string[]> = new Map(
  table
    .trim()
    .split('\n')
    .map((line) => line.split(' ') as [string, string])
    .map(([noun, plurals]) => [noun, plurals.split('/')]),
);
