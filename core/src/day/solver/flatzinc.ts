import type { Stretches } from './starts';

/**
 * A program in FlatZinc as it is written down, line by line: the language that MiniZinc translates its programs into for a solver.
 * Written at once, a program need not be translated at each run. Source: *The MiniZinc Handbook*, "FlatZinc
 * Reference"; the constraints `chuffed_…` and `…_imp` are Chuffed's own.
 */
export interface Written {
  readonly variables: string[];
  readonly constraints: string[];
}

/** The name of a variable in whole numbers. */
export type Variable = string;
/** The name of a Boolean variable, or what always holds. */
export type Literal = string | true;
/** A sum of variables, each so many times. */
export type Sum = readonly (readonly [times: number, of: Variable])[];

export const nothingWritten = (): Written => ({ variables: [], constraints: [] });

const listed = (values: readonly (string | number)[]): string => `[${values.join(',')}]`;

const state = ({ constraints }: Written, name: string, ...given: readonly (string | number)[]) =>
  void constraints.push(`constraint ${name}(${given.join(',')});`);

function declare({ variables }: Written, type: string): string {
  const name = `v${variables.length}`;
  variables.push(`var ${type}: ${name};`);
  return name;
}

/** A variable from `least` to `most`, ends included. */
export const between = (written: Written, least: number, most: number): Variable =>
  declare(written, `${least}..${most}`);

/** A variable that lies in one of some stretches. */
export function within(written: Written, stretches: Stretches): Variable {
  const [first, ...more] = stretches;
  if (first && more.length === 0) return between(written, ...first);
  const values = stretches.flatMap(([from, to]) =>
    Array.from({ length: to - from + 1 }, (_, index) => from + index),
  );
  return declare(written, `{${values.join(',')}}`);
}

/** Something that holds or does not. */
export const either = (written: Written): string => declare(written, 'bool');

/** One of these holds, or one of those does not. */
export function oneOf(
  written: Written,
  holds: readonly Literal[],
  fails: readonly Literal[] = [],
): void {
  if (holds.includes(true)) return;
  const denied = fails.filter((each) => each !== true);
  state(written, 'bool_clause', listed(holds as readonly string[]), listed(denied));
}

/** What holds as soon as all of these do. */
export function allOf(written: Written, holds: readonly Literal[]): Literal {
  const open = holds.filter((each) => each !== true);
  if (open.length === 0) return true;
  if (open.length === 1) return open[0]!;
  const all = either(written);
  oneOf(written, [all], open);
  return all;
}

/** A sum is so much at the most; where a condition is given, as soon as that holds. */
export function atMost(written: Written, sum: Sum, most: number, when: Literal = true): void {
  const times = listed(sum.map(([factor]) => factor));
  const of = listed(sum.map(([, variable]) => variable));
  if (when === true) state(written, 'int_lin_le', times, of, most);
  else state(written, 'int_lin_le_imp', times, of, most, when);
}

/** One variable is so much more than another at the least; where a condition is given, as soon as that holds. */
export const follows = (
  written: Written,
  from: Variable,
  to: Variable,
  by: number,
  when: Literal = true,
): void =>
  atMost(
    written,
    [
      [1, from],
      [-1, to],
    ],
    -by,
    when,
  );

/** A sum is so much exactly; where a condition is given, as soon as that holds. */
export function exactly(written: Written, sum: Sum, value: number, when: Literal = true): void {
  if (when === true) {
    const [times, of] = [sum.map(([factor]) => factor), sum.map(([, variable]) => variable)];
    state(written, 'int_lin_eq', listed(times), listed(of), value);
    return;
  }
  atMost(written, sum, value, when);
  atMost(
    written,
    sum.map(([factor, variable]) => [-factor, variable] as const),
    -value,
    when,
  );
}

/** Whether a variable has a value. */
export function hasValue(written: Written, variable: Variable, value: number): string {
  const has = either(written);
  state(written, 'int_eq_reif', variable, value, has);
  return has;
}

/** So many where something holds, and nought where not. */
export function timesOf(written: Written, literal: Literal, times: number): Variable {
  if (literal === true) return String(times);
  const one = between(written, 0, 1);
  state(written, 'bool2int', literal, one);
  if (times === 1) return one;
  const all = between(written, 0, times);
  exactly(
    written,
    [
      [1, all],
      [-times, one],
    ],
    0,
  );
  return all;
}

/** What begins at a variable, for how long, and how much it takes meanwhile: all together no more than there is. */
export function share(
  written: Written,
  takes: readonly {
    readonly start: Variable;
    readonly minutes: number;
    readonly takes: Variable | number;
  }[],
  most: number,
): void {
  if (takes.length < 2) return;
  const starts = listed(takes.map(({ start }) => start));
  const minutes = listed(takes.map((each) => each.minutes));
  const fixed = takes.every((each) => /^\d+$/.test(String(each.takes)));
  const [least = 0, next = 0] = takes.map((each) => Number(each.takes)).sort((a, b) => a - b);
  // Of what shares nothing more is known than of what shares little.
  if (fixed && least + next > most) {
    state(written, 'chuffed_disjunctive_strict', starts, minutes);
    return;
  }
  state(
    written,
    fixed ? 'chuffed_cumulative' : 'chuffed_cumulative_vars',
    starts,
    minutes,
    listed(takes.map((each) => each.takes)),
    most,
  );
}

/** Values to try first, for some variables. */
export type Hint = readonly (readonly [Variable, number])[];
/** Variables to be decided in turn, which of them first, and which of its values first. */
export type Search = readonly [readonly Variable[], string, string];

/** What is Chuffed's own has to be said before it is used. */
const CHUFFED = [
  'predicate int_lin_le_imp(array [int] of int: as,array [int] of var int: bs,int: c,var bool: r);',
  'predicate chuffed_disjunctive_strict(array [int] of var int: s,array [int] of int: d);',
  'predicate chuffed_cumulative(array [int] of var int: s,array [int] of int: d,array [int] of int: r,int: b);',
  'predicate chuffed_cumulative_vars(array [int] of var int: s,array [int] of var int: d,array [int] of var int: r,var int: b);',
];

/** All of it as text: what is told of an answer, in which order it is looked for, and what is to be the least. */
export function textOf(
  { variables, constraints }: Written,
  told: Readonly<Record<string, readonly Variable[]>>,
  hints: readonly Hint[],
  searches: readonly Search[],
  least: Variable,
): string {
  const arrays = Object.entries(told).flatMap(([name, of]) =>
    of.length === 0
      ? []
      : [
          `array [1..${of.length}] of var int: ${name} :: output_array([1..${of.length}]) = ${listed(of)};`,
        ],
  );
  const order = [
    ...hints.flatMap((hint) =>
      hint.length === 0
        ? []
        : [
            `warm_start_int(${listed(hint.map(([of]) => of))},${listed(hint.map(([, value]) => value))})`,
          ],
    ),
    ...searches.flatMap(([of, which, value]) =>
      of.length === 0 ? [] : [`int_search(${listed(of)},${which},${value},complete)`],
    ),
  ];
  return [
    ...CHUFFED,
    ...variables,
    ...arrays,
    ...constraints,
    `solve :: seq_search(${listed(order)}) minimize ${least};`,
    '',
  ].join('\n');
}
