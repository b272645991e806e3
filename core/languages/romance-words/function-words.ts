/**
 * Words that hold a sentence together: articles, pronouns, prepositions, conjunctions, and what is
 * contracted of them. They are met from the first lessons on, so that no course lists them. From
 * memory, as school grammars have them.
 */
import type { RomanceLanguage } from './nouns';

const words = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

export const functionWords: Readonly<Record<RomanceLanguage, ReadonlySet<string>>> = {
  fr: words(`le la les l un une des du de d au aux à en dans sur sous avec sans pour par chez entre vers
    devant derrière avant après pendant depuis contre jusque jusqu je j tu il elle on nous vous ils elles
    me m te t se s lui leur y moi toi soi eux ce c cet cette ces ça cela ceci celui celle ceux celles mon
    ma mes ton ta tes son sa ses notre nos votre vos leurs qui que qu quoi dont où quand comment combien
    pourquoi quel quelle quels quelles et ou mais donc or ni car si comme parce lorsque puisque ne n pas
    plus jamais rien personne aussi très trop bien tout toute tous toutes même autre autres chaque
    quelque quelques plusieurs oui non voici voilà est sont suis es sommes êtes ai as a avons avez ont
    était étaient sera été aujourd hui alors puis ainsi près loin peu encore déjà là ici`),
  es: words(`el la los las lo un una unos unas de del a al en con sin por para entre hacia hasta desde sobre
    bajo tras durante contra según ante yo tú él ella usted nosotros nosotras vosotros vosotras ellos
    ellas ustedes me te se nos os le les mí ti sí conmigo contigo este esta estos estas ese esa esos esas
    aquel aquella aquellos aquellas esto eso aquello mi mis tu tus su sus nuestro nuestra nuestros
    nuestras vuestro vuestra que qué quien quién quienes cual cuál cuales donde dónde cuando cuándo como
    cómo cuanto cuánto cuánta cuántos cuántas porque y e o u pero sino ni si pues aunque mientras no sí ya
    también tampoco muy más menos tan tanto todo toda todos todas otro otra otros otras mismo misma cada
    algo alguien alguno alguna algunos algunas algún nada nadie ninguno ninguna ningún aquí ahí allí allá
    así es son soy eres somos era eran fue hay ha he han está están estaba entonces luego después antes mucho
    mucha muchos muchas poco poca pocos pocas detrás delante debajo encima cerca lejos dentro fuera`),
  pt: words(`o a os as um uma uns umas de do da dos das em no na nos nas num numa nuns numas a ao à aos às
    por pelo pela pelos pelas com sem para pra entre até desde sobre sob contra durante eu tu ele ela nós
    vós eles elas você vocês me te se lhe lhes mim ti si comigo contigo conosco dele dela deles delas nele
    nela neles nelas este esta estes estas esse essa esses essas aquele aquela aqueles aquelas isto isso
    aquilo deste desta destes destas desse dessa desses dessas daquele daquela daqueles daquelas disto
    disso daquilo neste nesta nestes nestas nesse nessa nesses nessas naquele naquela naqueles naquelas
    nisto nisso naquilo àquele àquela meu minha meus minhas teu tua teus tuas seu sua seus suas nosso nossa
    nossos nossas que quê quem qual quais onde quando como quanto quanta quantos quantas porque porquê e ou
    mas nem se pois embora enquanto não sim já também muito muita muitos muitas mais menos tão tanto todo
    toda todos todas tudo outro outra outros outras mesmo mesma cada algo alguém algum alguma alguns
    algumas nada ninguém nenhum nenhuma aqui aí ali lá cá daqui dali é são sou és somos era eram foi há
    está estão estava assim então depois antes ainda
    perto longe atrás dentro fora pouco pouca poucos poucas`),
  it: words(`il lo la l i gli le un uno una di del dello della dell dei degli delle a ad al allo alla all ai
    agli alle da dal dallo dalla dall dai dagli dalle in nel nello nella nell nei negli nelle su sul sullo
    sulla sull sui sugli sulle con col per tra fra senza sotto sopra prima dopo durante contro verso fino
    io tu lui lei egli ella noi voi loro mi ti si ci vi ne me te sé ce ve se questo questa questi queste
    quest quello quella quelli quelle quel quei quegli quell ciò mio mia miei mie tuo tua tuoi tue suo sua
    suoi sue nostro nostra nostri nostre vostro vostra che chi cui quale quali dove quando come quanto
    quanta quanti quante perché e ed o oppure ma però né se quindi dunque anche mentre non sì già molto
    molta molti molte più meno così tanto tutto tutta tutti tutte altro altra altri altre stesso stessa
    ogni qualcosa qualcuno alcuni alcune niente nulla nessuno nessuna nessun qui qua lì là è sono sei siamo
    siete era erano fu c ha ho hai hanno abbiamo poi ancora vicino lontano dietro davanti dentro fuori poco poca pochi poche bel dov cos com`),
};
