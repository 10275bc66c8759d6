import {
  fail,
  finding,
  findIngredient,
  type EggGrade,
  type Finding,
  type FindIngredient,
  type Language,
  type PartKind,
} from '@hollow-moon/core';
import { duration, say } from '@hollow-moon/words';
import type { FormulaData } from '../formula';
import { FILE_LIMIT } from './formulaFile';

export type Line = FormulaData['lines'][number];

/**
 * A recipe out of a file that holds names and lines: to be read row by row, with questions. Lines that end in a colon are
 * headings of components or of the method.
 */
export interface ListedRecipe {
  readonly name: string;
  readonly lines: readonly string[];
  /** What is said of it besides: a description, how long it takes. */
  readonly note?: string;
  readonly language?: Language;
  /** What the file has that is not taken over. */
  readonly leftOut?: readonly Finding[];
}

export const TOO_LARGE = fail('file.too-large', undefined, { most: FILE_LIMIT / 1000 });

/** How long a recipe takes, s: hands, what is on the fire or in the oven, and from the first thing done to the table. */
export interface Takes {
  readonly prepS?: number | undefined;
  readonly cookS?: number | undefined;
  readonly allS?: number | undefined;
}

/** How long it takes as a sentence of a note; nothing where nothing is known. */
export function takesInWords({ prepS, cookS, allS }: Takes): string {
  const said = [
    ...(prepS ? [say('file.takes-preparation', { time: duration(prepS) })] : []),
    ...(cookS ? [say('file.takes-cooking', { time: duration(cookS) })] : []),
    ...(allS ? [say('file.takes-in-all', { time: duration(allS) })] : []),
  ].join(', ');
  return said === '' ? '' : `${said[0]!.toUpperCase()}${said.slice(1)}.`;
}

/** What a format is told of the book: what a component is made from, and the ingredients with the kitchen's own. */
export interface Told {
  readonly formulaOf?: (id: string) => FormulaData | undefined;
  readonly find?: FindIngredient;
  /** The kitchen's, by which counted eggs are weighed; without it nothing is said of what is in it. */
  readonly eggGrade?: EggGrade;
  /** How long it takes, where that was worked out. */
  readonly takes?: Takes | undefined;
}

/** What follows a name where there is no amount, as this application reads it again. */
export const VAGUE_IN_TABLE = { none: '', unknown: ': ?', 'by-eye': ' to taste' } as const;

/** The parts of a line in words; an ingredient of nobody's has its id for a name. */
export function wordsOfLine(
  line: Line,
  find: FindIngredient = findIngredient,
): { readonly amount: string; readonly unit: string; readonly name: string } {
  const ingredient = find(line.ingredientId);
  const name = (ingredient?.name ?? line.ingredientId).toLowerCase();
  if (line.vague) return { amount: '', unit: '', name: `${name}${VAGUE_IN_TABLE[line.vague]}` };
  const counted = line.unit === 'piece';
  const unit = counted
    ? ingredient?.eggPart
      ? ''
      : (ingredient?.pieceName ?? 'piece')
    : line.unit;
  return { amount: String(Number(line.amount.toFixed(3))), unit, name };
}

/** A line in words that this application, and most others, can read again. */
export const lineInWords = (line: Line, find?: FindIngredient): string => {
  const { amount, unit, name } = wordsOfLine(line, find);
  const note = line.note ? `, ${line.note}` : '';
  return `${[amount, unit, name].filter(Boolean).join(' ')}${note}`;
};

/** A list of a formula under its heading. */
export interface ListOf {
  readonly name: string;
  readonly kind: PartKind;
  readonly place: string;
  readonly lines: readonly Line[];
}

/** The main filling and the components, each with the list it is made by. */
export const listsOf = (data: FormulaData, { formulaOf }: Told): readonly ListOf[] => [
  { name: say('file.filling'), kind: data.family, place: 'filling', lines: data.lines },
  ...data.parts.map((part) => ({
    name: part.name.replace(/:+$/, ''),
    kind: part.kind,
    place: part.place,
    lines: part.formulaId === null ? part.lines : (formulaOf?.(part.formulaId)?.lines ?? []),
  })),
];

/** A heading with what its list is, as header attributes: "Rye dough {.sweet-dough .shell}". Source: Pandoc's Markdown. */
export const headingOf = ({ name, kind, place }: ListOf): string => `${name} {.${kind} .${place}}`;

/** What is done, under a heading that is read as the method. */
export const stepsOf = ({ steps }: FormulaData): readonly string[] =>
  steps.length > 0 ? [`${say('file.method')}:`, ...steps] : [];

/** What these formats have no place for. */
export function lostIn(data: FormulaData): Finding[] {
  return [
    finding('file.loses-temperatures'),
    finding('file.loses-fill'),
    ...(data.shell === 'none' ? [] : [finding('file.loses-shell')]),
    ...(data.lines.some((line) => line.written) ? [finding('file.loses-written')] : []),
    ...(data.lines.some((line) => line.heldBack) ? [finding('file.loses-held-back')] : []),
    ...(data.lines.some((line) => line.instead) ? [finding('file.loses-instead')] : []),
  ];
}
