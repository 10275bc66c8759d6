import { settingAt, type Deed, type ForecastPlan } from '../forecast';
import { OVEN_LIMITS_C } from '../oven';
import { onDialC, type DialMarks } from '../units';
import type { Verb } from '../work';

/** What goes wrong while something is baked or cooked, as a cook sees it. Common practice. */
export const TROUBLES = [
  'browns-early',
  'simmers',
  'oven-fell',
  'still-swims',
  'edge-dark',
  'cracks',
  'leaks',
  'water-got-in',
  'grainy',
  'lumpy',
  'stays-thin',
  'all-poured',
  'caramel-grains',
  'caramel-dark',
  'gelatine-strings',
] as const;
export type Trouble = (typeof TROUBLES)[number];

/** Where a trouble is met: in the oven, there in a bath, or wherever something is stirred, boiled or set. */
const MET: Readonly<Record<Trouble, 'oven' | 'bath' | 'stove'>> = {
  'browns-early': 'oven',
  simmers: 'oven',
  'oven-fell': 'oven',
  'still-swims': 'oven',
  'edge-dark': 'oven',
  cracks: 'oven',
  leaks: 'oven',
  'water-got-in': 'bath',
  grainy: 'stove',
  lumpy: 'stove',
  'stays-thin': 'stove',
  'all-poured': 'stove',
  'caramel-grains': 'stove',
  'caramel-dark': 'stove',
  'gelatine-strings': 'stove',
};

/** Where something is made: in the oven with or without a bath and a shell, or at the stove. */
export type Making =
  | { readonly at: 'oven'; readonly bath: boolean; readonly shell: boolean }
  | { readonly at: 'stove' };

/** The troubles that can be met, the likeliest first. */
export function troublesOf(making: Making): readonly Trouble[] {
  return TROUBLES.filter((trouble) => {
    if (MET[trouble] === 'stove') return making.at === 'stove';
    if (making.at === 'stove') return false;
    if (MET[trouble] === 'bath') return making.bath;
    return trouble !== 'edge-dark' || making.shell;
  });
}

/** What goes wrong in a task away from the oven; nothing where no help is known. Common practice. */
const IN_TASK: Readonly<Partial<Record<Verb, readonly Trouble[]>>> = {
  'cook-caramel': ['caramel-grains', 'caramel-dark'],
  'warm-dairy': ['all-poured'],
  'mix-custard': ['all-poured', 'grainy'],
  'mix-batter': ['lumpy'],
  'cook-cream': ['grainy', 'lumpy', 'stays-thin', 'all-poured'],
  'set-with-gelatine': ['gelatine-strings'],
  fill: ['leaks'],
};

export const troublesIn = (verb: Verb): readonly Trouble[] => IN_TASK[verb] ?? [];

/** What can be done about a trouble in the oven, and what it does to the bake can be forecast. */
export type Move =
  | { readonly kind: 'foil' }
  /** Turned by so many K. */
  | { readonly kind: 'oven'; readonly byK: number };

/** Tried in this order. Common practice: 10 to 20 °C at a time. */
const MOVES: Readonly<Partial<Record<Trouble, readonly Move[]>>> = {
  'browns-early': [{ kind: 'foil' }, { kind: 'oven', byK: -15 }],
  simmers: [{ kind: 'oven', byK: -20 }],
  'still-swims': [{ kind: 'oven', byK: 10 }],
  'edge-dark': [{ kind: 'oven', byK: -10 }],
};

/** A move, and what it would be once it is made. */
export type OpenMove = Move & { readonly deed: Deed };

/** The setting that is so much off another, as a dial in the cook's degrees has it; by a step more where it has none between. */
function turnedBy(setC: number, byK: number, degrees: DialMarks): number {
  const now = onDialC(setC, degrees);
  const wanted = onDialC(setC + byK, degrees);
  return wanted === now ? onDialC(setC + 2 * byK, degrees) : wanted;
}

/**
 * The moves that a bake still has at a time: none that was made already, and none that its oven has no setting for. The
 * oven is turned to what a dial in `degrees` has.
 */
export function movesOf(
  trouble: Trouble,
  asItIs: ForecastPlan,
  atS: number,
  degrees: DialMarks = 'C',
): readonly OpenMove[] {
  const setC = settingAt(asItIs, atS);
  return (MOVES[trouble] ?? []).flatMap((move): OpenMove[] => {
    if (move.kind === 'foil') {
      const covered = asItIs.foil === true || asItIs.programme?.foilAtMin !== undefined;
      return covered ? [] : [{ ...move, deed: { kind: 'foil', atS } }];
    }
    if (setC === undefined) return [];
    const celsius = turnedBy(setC, move.byK, degrees);
    return celsius < OVEN_LIMITS_C.least || celsius > OVEN_LIMITS_C.most
      ? []
      : [{ ...move, deed: { kind: 'oven', celsius, atS } }];
  });
}

/**
 * What has been done to an oven that fell, and is set right at a time: it is taken to have been set to what it is found at
 * since `sinceS`, and back to what it should be at since then. Nothing where it is meant to be off.
 */
export function fallOf(
  asItIs: ForecastPlan,
  found: { readonly celsius: number; readonly sinceS: number; readonly atS: number },
): readonly Deed[] {
  const setC = settingAt(asItIs, found.atS);
  return setC === undefined
    ? []
    : [
        { kind: 'oven', celsius: found.celsius, atS: Math.max(1, found.sinceS) },
        { kind: 'oven', celsius: setC, atS: found.atS },
      ];
}
