import type { Finding } from '../result';

/** What is done, in the order a bake is made, and last a step of the cook's own. Each has a sentence of its own in the room of words. */
export const VERBS = [
  'take-out-butter',
  'take-out-cheese',
  'mix-dough',
  'roll-and-line',
  'press-in',
  'take-out-shell',
  'blind-bake',
  'seal',
  'prepare-fruit',
  'cook-caramel',
  'coat',
  'warm-dairy',
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
  'make-part',
  'spread-under',
  'fill',
  'lay-on',
  'bake',
  'to-the-fridge',
  'turn-out',
  'glaze',
  'whip-and-pipe',
  'meringue',
  'put-on',
  'own',
] as const;
export type Verb = (typeof VERBS)[number];

/** What a task takes up while it lasts, besides hands. */
export const STATIONS = ['bench', 'mixer', 'hob', 'oven'] as const;
export type Station = (typeof STATIONS)[number];

/** How long something takes, min: 0 <= earliest <= expected <= latest. */
export interface Span {
  readonly earliestMin: number;
  readonly expectedMin: number;
  readonly latestMin: number;
}

/** Where a span comes from: worked out from this bake, usual in the trade, as this kitchen does it, or said by the cook. */
export type SpanSource = 'computed' | 'usual' | 'kitchen' | 'cook';

/** Minutes of somebody's attention: from so many after the start of a task, or before its end. */
export interface Hands {
  readonly at: 'start' | 'end';
  /** From the start on; before the end where `at` says so. 0 and up. */
  readonly offsetMin: number;
  readonly minutes: number;
}

/** What becomes of a thing between two tasks. */
export const WAITS = [
  'soften',
  'thaw',
  'rest-cold',
  'freeze',
  'rest',
  'steep',
  'cool',
  'chill',
  'set',
  'stand',
  'keep',
] as const;
export type Wait = (typeof WAITS)[number];

/** Where a kitchen keeps things cold. */
export const COLD_ROOMS = ['fridge', 'freezer'] as const;
export type ColdRoom = (typeof COLD_ROOMS)[number];

/** Waits that are spent in the cold, and in which of them. */
export const COLD_ROOM_OF: Readonly<Partial<Record<Wait, ColdRoom>>> = {
  'rest-cold': 'fridge',
  chill: 'fridge',
  set: 'fridge',
  keep: 'fridge',
  freeze: 'freezer',
};

/** What is asked before a task is begun. Trade term: a gate. */
export const GATES = [
  'butter-soft',
  'dough-rested',
  'walls-firm',
  'shell-cool',
  'dairy-rested',
  'caramel-hard',
  'bath-ready',
  'cold-and-set',
] as const;
export type Gate = (typeof GATES)[number];

/** A task that has to be done before, and how long after its end, min; no `mostMin` where it keeps. */
export interface After {
  readonly task: string;
  readonly leastMin: number;
  readonly mostMin?: number;
  readonly wait: Wait;
  readonly gate?: Gate;
}

/** What is done to a shell while it bakes blind, so many minutes after it went in. */
export interface ShellStage {
  readonly atMin: number;
  /** The weights come out. */
  readonly bare: boolean;
  /** The ring comes off. */
  readonly outOfRing: boolean;
  /** What the dial is turned to, °C, where it is. */
  readonly setC?: number;
}

/** What a task wants of an oven. */
export interface OvenNeed {
  /** The oven it was forecast in; another is another forecast. */
  readonly ovenId: string;
  /** What its dial is set to when the bake goes in, °C, and what it stands at when it comes out. */
  readonly setC: number;
  readonly endC: number;
  /** Same setting and steps: loads with the same key may be in one oven at once. */
  readonly programme: string;
  /** The setting is changed on the way, or the oven is held: shared only by what goes in together. */
  readonly staged: boolean;
  readonly vessels: number;
  /** What stands on the shelves: the vessels, or the pans of water that they stand in. */
  readonly pieces: number;
  /** What one of these takes of a shelf, mm. */
  readonly lengthMm: number;
  readonly breadthMm: number;
}

/** One thing somebody does: part of a bake, before it is planned, while it runs, and when it is done. */
export interface Task {
  /** Stable for as long as the formula has the component it belongs to. */
  readonly id: string;
  readonly verb: Verb;
  /** The component it belongs to: the id of a part, or `filling`. */
  readonly of: string;
  /** That component's own name, or empty for the filling. */
  readonly what: string;
  readonly vessels: number;
  /** What is handled in it, g; 0 where nothing is weighed. */
  readonly grams: number;
  readonly station: Station;
  readonly span: Span;
  readonly from: SpanSource;
  /** What would be usual, min, where the kitchen does it at a pace of its own. */
  readonly usualMin?: number;
  readonly hands: readonly Hands[];
  readonly after: readonly After[];
  readonly oven?: OvenNeed;
  /** What is done on its way, in this order, where it is a shell that bakes blind. */
  readonly stages?: readonly ShellStage[];
  /** What to look for at its end. */
  readonly sign?: Finding;
  /** The one line of caution that belongs to it. */
  readonly hazard?: Finding;
  /** Tasks of several bakes with the same key can be done as one. */
  readonly shared?: string;
  /** Which of the two parts of a task that is left off and gone on with. */
  readonly part?: 1 | 2;
  /** What the cook's own card says about it. */
  readonly steps?: readonly string[];
}

/** A task that the table waits for: how long after its end, and how long it is at its best, min. */
export interface AtTable {
  readonly task: string;
  readonly leastMin: number;
  readonly mostMin: number;
}

/** All the tasks of one bake, and what has to pass between the last of them and the table. */
export interface WorkList {
  readonly tasks: readonly Task[];
  /** What has to be done for the table: the bake itself, then what is given with it. */
  readonly ready: readonly AtTable[];
  /** Steps of the card that say nothing any task says. */
  readonly besides: readonly string[];
}
