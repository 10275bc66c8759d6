import { foldWords } from './fold';
import type { Language } from './language';

/** German words with every ending they may have: "kalt" as kalte, kalter, kaltes, kalten, kaltem. */
const inflected = (words: string): string =>
  words
    .trim()
    .split(/\s+/)
    .flatMap((word) => ['', 'e', 'er', 'es', 'en', 'em'].map((ending) => word + ending))
    .join(' ');

/**
 * Words that may stand beside the name of an ingredient without making another food of it: its size, its
 * state, what it stands in, how it is cut. Whatever is not among them makes a reading doubtful, so that
 * "almond" beside "flour" is always asked. Common practice.
 */
const HARMLESS: Readonly<Record<Language, string>> = {
  en: `
    a an the of some each about approximately additional more extra very good quality best fine finely
    coarse coarsely roughly thinly thickly lightly well freshly fresh cold chilled iced ice warm hot
    lukewarm tepid boiling boiled cool cooled soft softened melted firm ripe
    large medium small big l m s xl organic whole halved half
    halves quartered quarters sliced slices diced chopped cut into cubes cubed pieces piece chunks
    crushed crumbled grated zested juiced squeezed strained sieved sifted peeled cored stoned pitted
    deseeded seeded hulled washed rinsed drained trimmed shelled blanched slivered flaked
    beaten whisked separated whipped packed firmly loosely heaped level rounded scant generous
    smooth crunchy frozen thawed tin can jar packet package pack block blocks carton tub box bag bottle
    tins cans jars packets packages packs cartons tubs boxes bags pots pot container unsalted
    plain if needed required split scraped scored bruised
    and torn reserved strong table sea
    homemade wide narrow weight net drops drop strip strips
    grade size sized
  `,
  de: `
    ${inflected(`
      groß klein mittelgroß mittler fein grob frisch kalt eiskalt gekühlt warm lauwarm heiß kochend
      weich zimmerwarm flüssig geschmolzen zerlassen fest reif ganz halb halbiert geviertelt
      geschnitten gewürfelt gehackt gehobelt gerieben abgerieben ausgepresst gepresst passiert gesiebt
      geschält entkernt entsteint gewaschen abgetropft verquirlt geschlagen steif getrennt gefroren
      tiefgekühlt aufgetaut gut säuerlich unbehandelt ungesalzen zerkleinert zerbröselt zerdrückt
      gemahlen geröstet ausgekratzt aufgeschlitzt längs
    `)}
    der die das dem den des ein eine einen einer und in im aus je etwa circa ca bio größe gr s m l xl
    type typ würfel würfeln stücke stücken stückchen scheiben spalten stifte raspel hälften mark kerne
    sehr möglichst noch mehr evtl eventuell optional nach bedarf zimmertemperatur
    dose dosen glas gläser becher packung packungen pck päckchen beutel flasche würfelchen
  `,
  pt: `
    em de da do das dos o a os as um uma uns umas cada mais bem muito fino fina finos finas finamente
    fresco fresca frescos frescas frio fria frios frias gelado gelada gelados geladas morno morna quente
    quentes fervente amolecida amolecido derretida derretido pomada maduro
    madura maduros maduras grande grandes médio média médios médias pequeno pequena pequenos pequenas
    biológico biológica biológicos inteiro inteira inteiros inteiras metade metades cortado cortada
    cortados cortadas fatiado fatiada fatiados fatiadas às fatias rodelas cubos pedaços picado picada
    picados picadas ralado ralada ralados raladas espremido peneirado peneirada peneirados peneiradas
    coado coada descascado descascada descascados descascadas caroço pele lavado lavadas escorrido
    escorrida batido batida batidos batidas separados neve cheia cheias rasa rasas congelado congelada
    congelados congeladas lata latas pacote pacotes frasco caixa embalagem para opcional dividido
    dividida se necessário aproximadamente partido partida partidos partidas esmagado esmagada bem
    firmes firme refinado tipo mesa moída moído moídas triturada trituradas esfarelada
    esfareladas torrado torrada torradas torrados
  `,
  fr: `
    de du des d le la les l un une quelques chaque plus bien très fin fine fins fines finement
    frais fraîche fraîches froid froide froids froides glacé glacée tiède tièdes chaud chaude
    bouillant bouillante mou molle ramolli ramollie fondu fondue à au aux pommade
    mûr mûre mûrs mûres gros grosse grosses grand grande grands grandes moyen moyenne moyens moyennes
    petit petite petits petites bio entier entière entiers entières moitié coupé coupée coupés coupées
    en dés morceaux tranches lamelles quartiers émincé émincée émincées haché hachée hachés hachées
    râpé râpée râpés râpées pressé tamisé tamisée égoutté égouttée épluché épluchée épluchées pelé
    pelée pelées dénoyauté dénoyautée dénoyautés dénoyautées lavé lavées battu battus battue séparés
    neige bombée bombées rase rases surgelé surgelée surgelés surgelées congelé boîte boîtes paquet
    paquets pot pots brique brique facultatif divisé si besoin nécessaire environ fendue grattée fendu
    doux ferme fermes concassé concassée concassés concassées liquide qualité bonne bon
    émietté émiettée émiettés émiettées écrasé écrasés écrasées moulu moulue moulus brisé brisés
  `,
  es: `
    de del la las el los un una unos unas cada más bien muy fino fina finos finas finamente fresco
    fresca frescos frescas frío fría fríos frías helada helado tibia tibio caliente calientes hirviendo
    blanda ablandada derretida fundida a al pomada maduro madura maduros
    maduras grande grandes mediano mediana medianos medianas pequeño pequeña pequeños pequeñas ecológico
    ecológicos entero entera enteros enteras mitad mitades cortado cortada cortados cortadas dados cubos
    trozos rodajas láminas picado picada picados picadas rallado rallada rallados ralladas exprimido
    tamizado tamizada tamizados colado colada pelado pelada pelados peladas deshuesadas
    deshuesados lavado lavadas escurrido escurrida batido batida batidos batidas separados nieve colmada
    colmadas rasa rasas congelado congelada congelados congeladas lata latas paquete paquetes bote
    tarro caja opcional dividido dividida si hace falta aproximadamente abierta partida partidas
    troceado troceada troceadas suave fino común refinado calidad buena buen líquida
    molida molido molidas molidos triturada trituradas triturado triturados tostada tostadas machacadas
  `,
};

/** Words that are harmless only together: "free range" is, "fat free" is not. */
const PAIRS =
  /\b(?:free range|full fat|room temperature|extra large|good quality|store bought|home made|sem sal|sem caroco|sem pele|em neve|em ponto|temperatura ambiente|non sale|temperature ambiante|en neige|sin sal|sin hueso|sin piel|en punto|extra virgin)\b/g;

/** Words after which a line says what for, where and how, and names nothing any more. */
const PURPOSE: Readonly<Record<Language, string>> = {
  en: 'for to from in at plus with until on as or such reserving reserve less minus keep hold',
  de: 'für zum zur mit plus bis davon oder als wie minus abzüglich',
  pt: 'para com mais ou até reservando reserve reservar menos como',
  fr: 'pour avec plus ou jusque dont réserver réservez moins comme',
  es: 'para con más o hasta reservando reserve reservar menos como',
};

const foldedSet = (words: string): ReadonlySet<string> =>
  new Set(words.split(/\s+/).flatMap((word) => foldWords(word)));

const SETS: Partial<
  Record<Language, { harmless: ReadonlySet<string>; purpose: ReadonlySet<string> }>
> = {};

const setsOf = (language: Language) =>
  (SETS[language] ??= {
    harmless: foldedSet(HARMLESS[language]),
    purpose: foldedSet(PURPOSE[language]),
  });

/** A number, a share or a mill's number: "36 %", "T55". */
const FIGURE = /^t?[\d.%]+$/;

/** Whether folded words, `before` a name and `after` it, leave the food it names what it is. */
export function leavesAsIs(
  before: readonly string[],
  after: readonly string[],
  language: Language,
): boolean {
  const { harmless, purpose } = setsOf(language);
  const stop = after.findIndex((word) => purpose.has(word));
  return [before, stop < 0 ? after : after.slice(0, stop)]
    .flatMap((words) => words.join(' ').replace(PAIRS, '').split(' '))
    .every((word) => word === '' || harmless.has(word) || FIGURE.test(word));
}
