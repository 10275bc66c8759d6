import type { Task, Verb, WorkList } from './task';

/**
 * Words by which a step of a card says what a task is, in the four languages recipes are read in; the first that fits,
 * in the order of a bake. From memory.
 */
const SAYS: readonly (readonly [Verb, RegExp])[] = [
  [
    'take-out-butter',
    /\b(take|bring).{0,30}\b(out of the fridge|room temperature)|temperatura ambiente|température ambiante/i,
  ],
  [
    'blind-bake',
    /\b(blind.?bake|bake blind|baking beans|weights?)\b|à blanc|em branco|a ciegas|en blanco/i,
  ],
  [
    'roll-and-line',
    /\b(roll|line the (tin|ring|plate|tart))|forrar|foncer|étaler|abaisser|estir(ar|e)|abrir a massa/i,
  ],
  ['press-in', /\bpress\b|prensar|presion|pression|aperte/i],
  ['cook-caramel', /\bcaramel(?!.*\bfill)|caramelo/i],
  ['whip-and-pipe', /\b(whip|pipe)\b.*\bcream|chantilly|montar la nata|bater as natas/i],
  ['meringue', /meringue|merengue/i],
  ['glaze', /\bglaze\b|\bbrush.{0,20}jam|napper|pincelar|glasear/i],
  ['turn-out', /\b(turn|invert).{0,15}\bout\b|\binvert\b|unmould|desenformar|démouler|desmoldar/i],
  ['to-the-fridge', /\b(chill|refrigerate|fridge)\b|réfrigér|frigor|nevera|geladeira|frigo/i],
  [
    'warm-dairy',
    /\b(heat|warm|simmer|infuse|steep)\b.*\b(milk|cream)|infuser|aquecer o leite|calentar la leche|ferver o leite/i,
  ],
  [
    'cook-cream',
    /\b(boil|thicken|cook)\b.*\b(stirring|whisk|thick)|cuire.*épaissi|engrossar|espesar/i,
  ],
  ['set-with-gelatine', /gelatin|gélatine/i],
  ['cream-nuts', /\bcream\b.*\bbutter|crémer|pommade/i],
  ['blend-cheese', /\b(beat|blend)\b.*\bcheese|fromage|queijo|queso/i],
  [
    'prepare-fruit',
    /\b(halve|stone|peel|slice|quarter|wash)\b|éplucher|dénoyauter|descascar|pelar/i,
  ],
  ['mix-dough', /\b(dough|pastry|rub (in )?the butter)\b|\bpâte\b|massa|masa\b/i],
  ['fill', /\b(pour|fill|spread|spoon)\b|verser|garnir|deitar|verter|rellenar/i],
  ['bake', /\bbake\b|cuire|enfourner|asse|assar|hornear/i],
  [
    'mix-custard',
    /\b(whisk|mix|beat|stir|strain)\b|fouetter|mélanger|bater|misturar|batir|mezclar/i,
  ],
];

/** Verbs that do the same work in another family: what says one says the other. */
const ALSO: Partial<Readonly<Record<Verb, readonly Verb[]>>> = {
  'mix-custard': [
    'mix-batter',
    'mix-puree',
    'mix-syrup',
    'mix-fruit',
    'blend-cheese',
    'cream-nuts',
  ],
  'roll-and-line': ['press-in'],
  'prepare-fruit': ['mix-fruit'],
  'take-out-butter': ['take-out-cheese'],
  'to-the-fridge': ['fill'],
};

/** The task that a step says, among those there are. */
function taskSaid(step: string, tasks: readonly Task[]): Task | undefined {
  for (const [verb, pattern] of SAYS) {
    if (!pattern.test(step)) continue;
    const wanted = [verb, ...(ALSO[verb] ?? [])];
    const found = wanted.flatMap((each) => tasks.filter((task) => task.verb === each));
    if (found[0]) return found[0];
  }
  return undefined;
}

/** A list of work with each step of the cook's card beside the task that it says, and the rest of them kept by themselves. */
export function withSteps(work: WorkList, steps: readonly string[]): WorkList {
  if (steps.length === 0) return work;
  const said = new Map<string, string[]>();
  const besides: string[] = [];
  for (const step of steps) {
    const task = taskSaid(step, work.tasks);
    if (task) said.set(task.id, [...(said.get(task.id) ?? []), step]);
    else besides.push(step);
  }
  return {
    ...work,
    tasks: work.tasks.map((task) => {
      const own = said.get(task.id);
      return own ? { ...task, steps: own } : task;
    }),
    besides,
  };
}
