import { shellPartOf, shellWorkOf, type BuiltPart } from '../build';
import { after, footprintOf, programmeKey, task, type Making } from './making';
import { USUAL_WAITS } from './practice';
import type { StageOfBake } from './plan';
import type { After, ShellStage, Task } from './task';
import {
  BUTTER,
  COOL_TO_THE_HAND_C,
  DOUGH_DISC,
  shellCoolMin,
  shellFreezeMin,
  shellThawMin,
  slabMin,
} from './waits';

/** A shell's tasks, and what the filling has to wait for: none where there is no shell. */
export interface ShellTasks {
  readonly tasks: readonly Task[];
  readonly ready: readonly After[];
}

/** Butter is soft, and a dough rolls, from here up, °C. Common practice: 16 to 19, and 10 to 13. */
const SOFT_C = 17;
const ROLLS_C = 11;
const FRIDGE_C = 4;

/** Softening in a room that is hardly warmer has an end: a cook cuts it small. Common practice, min. */
const LONGEST_SOFTENING_MIN = 120;

/** How long a slab waits on the bench; no longer than a cook would. */
export const onTheBenchMin = (
  slab: Parameters<typeof slabMin>[0],
  toC: number,
  roomC: number,
): number => Math.min(LONGEST_SOFTENING_MIN, Math.ceil(slabMin(slab, FRIDGE_C, toC, roomC)));

/** Fat that is creamed with sugar has to be soft; rubbed in or pressed it is cold. */
const CREAMED: ReadonlySet<string> = new Set(['sweet-dough']);

const hasButter = ({ analysis }: BuiltPart): boolean =>
  analysis.lines.some(({ ingredient }) => ingredient?.id.startsWith('butter') ?? false);

function doughTasks(making: Making, part: BuiltPart): Task[] {
  const { roomC, doughApart = false } = making.plan;
  const { id, name, kind, formulaId } = part.part;
  const own = { of: id, what: name };
  // Made from the book, one dough may line the tins of several bakes.
  const sharedAs = (shared: string) => (formulaId === null || doughApart ? {} : { shared });
  const soft = CREAMED.has(kind) && hasButter(part);
  const takeOut = task(making, `${id}/take-out`, 'take-out-butter', {
    ...own,
    grams: part.wantedG,
    rest: sharedAs(`soft:${formulaId}`),
  });
  const mix = task(making, `${id}/mix`, 'mix-dough', {
    ...own,
    grams: part.wantedG,
    station: 'mixer',
    rest: sharedAs(`dough:${formulaId}`),
    after: soft
      ? [
          after(
            takeOut.id,
            'soften',
            [
              onTheBenchMin(BUTTER, SOFT_C, roomC),
              onTheBenchMin(BUTTER, SOFT_C, roomC) + USUAL_WAITS.softButter[1],
            ],
            'butter-soft',
          ),
        ]
      : [],
  });
  return soft ? [takeOut, mix] : [mix];
}

/** Rolled or pressed dough in its tins, and the rest of the lined tin. */
function lined(making: Making, part: BuiltPart, pressed: boolean): Task[] {
  const { id, name } = part.part;
  const dough = doughTasks(making, part);
  const [least, most] = USUAL_WAITS.doughRest;
  return [
    ...dough,
    task(making, `${id}/line`, pressed ? 'press-in' : 'roll-and-line', {
      of: id,
      what: name,
      grams: part.wantedG,
      after: [
        after(
          dough.at(-1)!.id,
          'rest-cold',
          // A disc that was in the fridge bends once its middle has come up a little.
          pressed ? [0, most] : [Math.max(least, rollableMin(making)), most],
          pressed ? undefined : 'dough-rested',
        ),
      ],
    }),
  ];
}

const rollableMin = ({ plan }: Making): number => onTheBenchMin(DOUGH_DISC, ROLLS_C, plan.roomC);

/** What is done from one stage of a blind bake to the next; a stage that is like the one before it asks for nothing. */
function stagesOf(stages: readonly StageOfBake[]): ShellStage[] {
  let atMin = 0;
  return stages.slice(1).flatMap((stage, index) => {
    const before = stages[index]!;
    atMin += before.minutes;
    const bare = before.weighted && !stage.weighted;
    const outOfRing = stage.outOfRing && !before.outOfRing;
    const turned = stage.setC !== before.setC;
    if (!bare && !outOfRing && !turned) return [];
    return [{ atMin, bare, outOfRing, ...(turned ? { setC: stage.setC } : {}) }];
  });
}

/** Weights in, weights out, and a last look. */
function blindBake(making: Making, partId: string, name: string, before: After): Task[] {
  const { plan, vessels } = making;
  const { formula, computed, vessel } = plan;
  const { stages, seal } = formula.shellBake;
  const { mode = null } = formula.ovenUse;
  const span = computed.blind;
  const ovenId = formula.ovenId ?? plan.shellOvenId;
  if (!span || !ovenId) return [];
  const [first, last] = [stages[0]!, stages[stages.length - 1]!];
  const onTheWay = stagesOf(stages);
  const steps = onTheWay.flatMap(({ atMin, setC }) =>
    setC === undefined ? [] : [{ atMin, to: setC }],
  );
  const each = 1 + Math.ceil(vessels / 4);
  const bake = task(making, `${partId}/blind`, 'blind-bake', {
    of: partId,
    what: name,
    station: 'oven',
    span,
    from: 'computed',
    hands: [
      { at: 'start', offsetMin: 0, minutes: each },
      ...onTheWay.map(({ atMin, bare, outOfRing }) => ({
        at: 'start' as const,
        offsetMin: Math.min(atMin, Math.max(1, span.expectedMin - 3)),
        // A dial is turned in a moment; weights and rings are taken off one by one.
        minutes: bare || outOfRing ? each : 1,
      })),
      { at: 'end', offsetMin: 0, minutes: 1 },
    ],
    after: [before],
    rest: {
      ...(onTheWay.length > 0 ? { stages: onTheWay } : {}),
      oven: {
        ovenId,
        setC: first.setC,
        endC: last.setC,
        programme: programmeKey(first.setC, steps, mode),
        staged: steps.length > 0,
        vessels,
        pieces: vessels,
        ...footprintOf(vessel),
      },
    },
  });
  if (seal === 'none') return [bake];
  // Brushed on while it is hot, so that it sets by itself.
  return [
    bake,
    task(making, `${partId}/seal`, 'seal', {
      of: partId,
      what: name,
      after: [after(bake.id, 'stand', [0, 5])],
    }),
  ];
}

/** From this up a filling is poured into a shell that is still warm, °C; anything cooler waits for a cool one. Common practice. */
const HOT_FILLING_C = 40;

/** What the filling waits for once the last task of a baked shell is done. */
function shellReady({ plan }: Making, last: string): After {
  const { formula, roomC } = plan;
  if (formula.fillingStartC >= HOT_FILLING_C) {
    return after(last, 'stand', [0, USUAL_WAITS.bakedShell[1]]);
  }
  const least = Math.ceil(
    shellCoolMin(formula.shellThicknessMm, Math.min(roomC, COOL_TO_THE_HAND_C - 1)),
  );
  return after(last, 'cool', [least, USUAL_WAITS.bakedShell[1]], 'shell-cool');
}

/** A shell that has thawed softens from then on: so long it stands on the bench at the most, min. Common practice. */
const THAWED_STANDS_MIN = 45;

/** Whether a shell goes into the oven as it comes out of the freezer; one that is filled raw is thawed. */
const bakedFrozen = ({ plan: { formula } }: Making): boolean =>
  formula.shellBake.start === 'frozen' && !formula.shellBake.raw;

/** What is baked frozen goes into the oven before it sweats, min. Common practice. */
const BEFORE_IT_SWEATS_MIN = 10;

/** A lined shell, with what bakes it or fills it waiting for it. `restMin` is what it rests at the least. */
interface Lined {
  readonly tasks: readonly Task[];
  readonly before: (restMin: number) => After;
}

/** Lined shells out of the freezer: nothing is made. */
function outOfTheFreezer(making: Making, partId: string, name: string): Lined {
  const { formula, roomC } = making.plan;
  const takeOut = task(making, `${partId}/take-out-shell`, 'take-out-shell', {
    of: partId,
    what: name,
  });
  const thawMin = Math.ceil(
    Math.min(LONGEST_SOFTENING_MIN, shellThawMin(formula.shellThicknessMm, roomC)),
  );
  return {
    tasks: [takeOut],
    before: () =>
      bakedFrozen(making)
        ? after(takeOut.id, 'stand', [0, BEFORE_IT_SWEATS_MIN])
        : after(takeOut.id, 'thaw', [thawMin, thawMin + THAWED_STANDS_MIN], 'walls-firm'),
  };
}

/** Lined on the day; a shell that has no list of its own comes as dough: only its lining and its bake are known. */
function linedToday(making: Making, partId: string, built: BuiltPart | undefined): Lined {
  const pressed = shellWorkOf(making.plan.formula) === 'pressed';
  const tasks = built
    ? lined(making, built, pressed)
    : [task(making, `${partId}/line`, 'roll-and-line', { of: partId })];
  const [, keepsMin] = USUAL_WAITS.linedRest;
  const freezeMin = Math.ceil(shellFreezeMin(making.plan.formula.shellThicknessMm));
  return {
    tasks,
    before: (restMin) =>
      bakedFrozen(making)
        ? after(tasks.at(-1)!.id, 'freeze', [Math.max(restMin, freezeMin), keepsMin], 'walls-firm')
        : after(tasks.at(-1)!.id, 'rest-cold', [restMin, keepsMin], 'walls-firm'),
  };
}

/** The tasks of a shell, from its dough to where the filling goes in. */
export function shellTasks(making: Making): ShellTasks {
  const { formula, build, frozenShell = false } = making.plan;
  const work = shellWorkOf(formula);
  const part = shellPartOf(formula.parts);
  const built = build.parts.find((each) => each.part.id === part?.id);
  if (work === 'none' || work === 'bought') return { tasks: [], ready: [] };
  const id = part?.id ?? 'shell';
  if (work === 'crumbs') {
    const press = task(making, `${id}/press`, 'press-in', {
      of: id,
      what: part?.name ?? '',
      grams: built?.wantedG ?? 0,
    });
    return {
      tasks: [press],
      ready: [after(press.id, 'rest-cold', USUAL_WAITS.crumbChill, 'walls-firm')],
    };
  }
  const name = part?.name ?? '';
  const shell = frozenShell ? outOfTheFreezer(making, id, name) : linedToday(making, id, built);
  const { raw, restMin } = formula.shellBake;
  const restsMin = Math.min(restMin, USUAL_WAITS.linedRest[1]);
  const baked = raw ? [] : blindBake(making, id, name, shell.before(restsMin));
  const last = baked.at(-1);
  return {
    tasks: [...shell.tasks, ...baked],
    ready: [last ? shellReady(making, last.id) : shell.before(Math.min(restMin, 60))],
  };
}
