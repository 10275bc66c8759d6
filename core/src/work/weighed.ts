import { needsOf, type Batch, type Build, type Need } from '../build';
import type { Analysis, WeighedLine } from '../formula';
import type { Task, Verb } from './task';

/** Tasks in which the main filling is weighed and made. */
const MAKES_FILLING: ReadonlySet<Verb> = new Set([
  'mix-custard',
  'mix-batter',
  'mix-puree',
  'blend-cheese',
  'mix-syrup',
  'mix-fruit',
  'cream-nuts',
  'cook-cream',
  'set-with-gelatine',
  'melt-chocolate',
  'mix-dough',
  'make-part',
]);

/** Tasks in which a component beside it is. */
const MAKES_PART: ReadonlySet<Verb> = new Set([
  'mix-dough',
  'cook-caramel',
  'make-part',
  'prepare-fruit',
  'glaze',
  'whip-and-pipe',
  'meringue',
]);

const isLiquid = ({ ingredient }: WeighedLine): boolean => ingredient?.role === 'liquid';

const only = (analysis: Analysis, lines: (line: WeighedLine) => boolean): Analysis => ({
  ...analysis,
  lines: analysis.lines.filter(lines),
});

/** The lists a task makes, and how many times; none where it handles what is made already. */
function madeIn({ verb, of, after }: AskedOfTask, build: Build): readonly Batch[] {
  if (of === 'filling') {
    if (verb === 'warm-dairy') return [{ analysis: only(build.filling, isLiquid), batches: 1 }];
    if (!MAKES_FILLING.has(verb)) return [];
    const warmed = after.some(({ wait }) => wait === 'steep');
    const rest = warmed ? only(build.filling, (line) => !isLiquid(line)) : build.filling;
    return [{ analysis: rest, batches: 1 }];
  }
  const made = build.parts.find(({ part }) => part.id === of);
  return made && MAKES_PART.has(verb) ? [made] : [];
}

type AskedOfTask = Pick<Task, 'verb' | 'of' | 'after'>;

/**
 * What is weighed for a task, g, heaviest first, with what of it is kept back at first; empty for a task that handles what
 * is made already. Where the dairy of a custard is warmed before, that task has it, and the mixing the rest.
 */
export const weighedFor = (task: AskedOfTask, build: Build): Need[] => needsOf(madeIn(task, build));

/** Lines of a task whose amount nobody knows, and those added by eye. */
export const vagueFor = (task: AskedOfTask, build: Build): WeighedLine[] =>
  madeIn(task, build).flatMap(({ analysis: { unknown, byEye, lines } }) =>
    [...unknown, ...byEye].filter((each) => lines.includes(each)),
  );
