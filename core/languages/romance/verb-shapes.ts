/**
 * Which words of a Romance language are forms of a common verb, and of which: by generating them all.
 * It tells a pronoun before its verb (la veo) from an article before its noun (la lluvia).
 */
import { frenchVerb } from '../fr/verb-forms';
import { italianVerb } from '../it/verb-forms';
import { portugueseVerb } from '../pt/verb-forms';
import { spanishVerb } from '../es/verb-forms';
import type { RomanceLanguage } from '../romance-words/nouns';

const words = (text: string) => text.trim().split(/\s+/);

/** Common verbs; those of everyday texts about school, home and weather among them. */
const common: Readonly<Record<RomanceLanguage, readonly string[]>> = {
  fr: words(
    `être avoir aller faire dire pouvoir vouloir savoir devoir voir venir tenir prendre mettre croire boire lire écrire
    rire suivre vivre connaître attendre entendre perdre rendre répondre vendre descendre partir sortir sentir dormir
    servir ouvrir offrir finir choisir grandir remplir réussir aimer donner parler trouver demander passer regarder
    laisser penser montrer porter poser garder écouter chercher trouver appeler jeter acheter manger commencer chanter
    jouer marcher monter tomber entrer arriver rester tourner travailler aider couper fermer laver raconter toucher
    préparer quitter ramasser ranger oublier noter dessiner mesurer compter observer admirer emporter pousser tirer
    couvrir recevoir apercevoir comprendre apprendre reconnaître conduire construire cueillir allumer éteindre enseigner casser réveiller rentrer briller souffler soigner cacher chasser attraper lancer ramener apporter emmener croiser suivre imiter saluer remercier surprendre goûter sauver casser réparer plier trier peindre coller`,
  ),
  es: words(
    `ser estar tener haber hacer ir poder querer decir ver dar saber poner venir salir traer oír leer creer caer
    pensar empezar cerrar sentar perder entender contar encontrar mostrar recordar volar soñar volver mover llover pedir
    servir seguir repetir dormir morir sentir hablar mirar escuchar buscar llegar llevar dejar pasar llamar tomar
    comprar cantar jugar tocar ayudar esperar preguntar contestar escribir vivir abrir subir recibir comer beber correr
    aprender comprender vender conocer parecer nacer crecer necesitar usar guardar lavar preparar cortar tirar limpiar
    anotar dibujar medir observar levantar cubrir ganar perder olvidar amar coger explicar quitar gustar enseñar despertar acordar apagar encender romper llenar cuidar esconder lanzar traer saludar agradecer probar salvar reparar pintar pegar admirar visitar regar atrapar perseguir`,
  ),
  pt: words(
    `ser estar ter haver fazer ir poder querer dizer ver dar saber pôr vir sair trazer ouvir ler crer cair pensar
    começar fechar sentar perder entender contar encontrar mostrar lembrar voar sonhar voltar mover chover pedir servir
    seguir repetir dormir sentir falar olhar escutar procurar chegar levar deixar passar chamar tomar comprar cantar
    jogar tocar ajudar esperar perguntar responder escrever viver abrir subir receber comer beber correr aprender
    compreender vender conhecer parecer nascer crescer precisar usar guardar lavar preparar cortar tirar limpar anotar
    desenhar medir observar levantar cobrir ganhar esquecer amar pegar explicar achar gostar brincar puxar empurrar acordar ensinar apagar acender encher quebrar cuidar esconder lançar agarrar saudar agradecer provar salvar consertar pintar colar admirar visitar regar perseguir`,
  ),
  it: words(
    `essere avere fare andare potere volere dire vedere dare sapere mettere venire uscire tenere sentire leggere credere
    cadere pensare cominciare chiudere perdere capire contare trovare mostrare ricordare volare sognare tornare muovere
    chiedere servire seguire ripetere dormire parlare guardare ascoltare cercare arrivare portare lasciare passare
    chiamare prendere comprare cantare giocare toccare aiutare aspettare domandare rispondere scrivere vivere aprire
    salire ricevere mangiare bere correre imparare vendere conoscere nascere crescere usare lavare preparare tagliare
    tirare pulire annotare disegnare misurare osservare alzare coprire vincere dimenticare amare spiegare insegnare accendere spegnere riempire rompere svegliare curare nascondere lanciare salutare ringraziare provare salvare riparare dipingere incollare ammirare visitare seguire raccontare raccogliere`,
  ),
};

const formsOf: Readonly<Record<RomanceLanguage, (verb: string) => readonly string[]>> = {
  fr: (verb) => Object.values(frenchVerb(verb).tenses).flat(),
  es: (verb) => Object.values(spanishVerb(verb).tenses).flat(),
  pt: (verb) => Object.values(portugueseVerb(verb).tenses).flat(),
  it: (verb) => Object.values(italianVerb(verb).tenses).flat(),
};

const made = new Map<RomanceLanguage, ReadonlySet<string>>();

/** All finite forms of the common verbs of a language. */
export function finiteForms(language: RomanceLanguage): ReadonlySet<string> {
  const known = made.get(language);
  if (known) return known;
  const forms = new Set(
    common[language].flatMap((verb) => formsOf[language](verb)).filter((form) => form !== ''),
  );
  made.set(language, forms);
  return forms;
}
