import type { FormulaData, PartData } from '@hollow-moon/contract';
import {
  analyse,
  judgePart,
  type Analysis,
  type EggGrade,
  type FindIngredient,
  type Line,
} from '@hollow-moon/core';
import { say, grams, percent, type TemperatureFormat } from '@hollow-moon/words';
import { FIRMNESS_WORDS } from '../forecast/words';
import { unitName } from './unitName';

/** One row of two formulas side by side; `differs` where a cook would call it a change. */
export interface ComparedRow {
  readonly what: string;
  readonly before: string;
  readonly after: string;
  readonly differs: boolean;
}

export interface Compared {
  readonly amounts: readonly ComparedRow[];
  readonly ratios: readonly ComparedRow[];
  readonly settings: readonly ComparedRow[];
}

const row = (what: string, before: string, after: string): ComparedRow => ({
  what,
  before,
  after,
  differs: before !== after,
});

/** Grams by ingredient, in the order of the lists. */
function gramsBy(of: Analysis): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { ingredient, grams } of of.lines) {
    if (ingredient && grams) sums.set(ingredient.name, (sums.get(ingredient.name) ?? 0) + grams);
  }
  return sums;
}

/** The lists of two formulas side by side, each thing in grams and as a share of its list. */
function amountRows(before: Analysis, after: Analysis, under: string): ComparedRow[] {
  const [a, b] = [gramsBy(before), gramsBy(after)];
  const cell = (value: number | undefined, total: number) =>
    value === undefined ? '–' : `${grams(value)} g, ${percent(value / total)} %`;
  return [...new Set([...a.keys(), ...b.keys()])].map((name) =>
    row(
      under ? `${under}: ${name}` : name,
      cell(a.get(name), before.totalG),
      cell(b.get(name), after.totalG),
    ),
  );
}

/** What is said of lines beyond their amounts, by ingredient: kept back, used instead, noted. */
function linesInWords(lines: FormulaData['lines'], find: FindIngredient): string {
  const measure = ({
    amount,
    unit,
    ingredientId,
  }: Pick<Line, 'amount' | 'unit' | 'ingredientId'>) => `${amount} ${unitName(unit, ingredientId)}`;
  const says = lines.flatMap((line) => {
    const { ingredientId, unit, heldBack, instead, note } = line;
    const of = [
      ...(line.vague ? [line.vague === 'unknown' ? 'amount unknown' : 'by eye'] : []),
      ...(heldBack ? [`${measure({ ingredientId, unit, amount: heldBack })} kept back`] : []),
      ...(instead
        ? [`${measure(instead)} ${find(instead.ingredientId)?.name ?? '?'} instead`]
        : []),
      ...(note ? [note] : []),
    ];
    return of.length > 0 ? [`${find(ingredientId)?.name ?? '?'}: ${of.join(', ')}`] : [];
  });
  return says.join('; ') || '–';
}

/** What a component is and where it goes. */
function partInWords(part: PartData | undefined): string {
  if (!part) return '–';
  const { kind, place, eachG, vessels, bakesAlong, formulaId } = part;
  return [
    say(`part.${kind}`),
    say(`part-place.${place}`).toLowerCase(),
    ...(eachG === null ? [] : [`${grams(eachG)} g each`]),
    ...(vessels === null ? [] : [`in ${vessels} of them`]),
    ...(bakesAlong ? ['in the oven with the filling'] : []),
    ...(formulaId === null ? [] : ['from a formula of its own']),
  ].join(', ');
}

/** What is done to the oven, where the bake goes and how its shell is baked, each in a line. */
function ovenInWords({
  ovenUse: { steps, doors, entersAtC, standing, foil, topUp },
}: FormulaData): string {
  const says = [
    ...(entersAtC === null ? [] : [`in at ${entersAtC} °C`]),
    ...steps.map(
      ({ atMin, on, to }) =>
        `${typeof to === 'number' ? `${to} °C` : to} ${on ? `when ${say(`sign.${on}`)}` : `from ${atMin} min`}`,
    ),
    ...(topUp ? [`${percent(topUp.share)} % first, the rest at ${topUp.atMin} min`] : []),
    ...doors.map(({ atMin, forS }) => `door ${forS} s at ${atMin} min`),
    ...(standing === 'rack' ? [] : [say(`standing.${standing}`).toLowerCase()]),
    ...(foil ? ['foil'] : []),
  ];
  return says.join(', ') || '–';
}
const outInWords = ({ ovenUse: { out } }: FormulaData): string =>
  out
    .map(({ atMin, place }) => `${say(`place.${place}`)}${atMin > 0 ? ` from ${atMin} min` : ''}`)
    .join(', ');
function shellInWords({ shell, shellThicknessMm, shellBake }: FormulaData) {
  if (shell === 'none') return '–';
  const { raw, weights, docked, start, restMin, stages, target, seal } = shellBake;
  const rolled = `${shellThicknessMm} mm`;
  if (raw) return `${rolled}, filled raw`;
  const baked = stages.map(
    ({ minutes, setC, weighted, outOfRing }) =>
      `${minutes} min at ${setC} °C${weighted ? ' weighted' : ''}${outOfRing ? ' out of the ring' : ''}`,
  );
  return [
    rolled,
    `rested ${restMin} min`,
    say(`lined.${start}`).toLowerCase(),
    ...baked,
    say(`weights.${weights}`).toLowerCase(),
    `to ${target}`,
    ...(docked ? ['pricked'] : []),
    ...(seal === 'none' ? [] : [`sealed with ${say(`seal.${seal}`).toLowerCase()}`]),
  ].join(', ');
}
const bathInWords = ({ bath, ovenUse: { wrapped } }: FormulaData): string =>
  bath
    ? `${bath.panLengthMm / 10} × ${bath.panBreadthMm / 10} cm, ${bath.levelMm} mm at ${bath.waterC} °C${wrapped ? ', wrapped' : ''}`
    : '–';

/** Two formulas side by side: in grams and percent, in ratios and verdict, in how they are baked. */
export function compared(
  before: FormulaData,
  after: FormulaData,
  with_: {
    readonly grade: EggGrade;
    readonly find: FindIngredient;
    readonly temperature: TemperatureFormat;
    readonly nameOf: (vesselOrOvenId: string | null) => string;
  },
): Compared {
  const { grade, find, temperature, nameOf } = with_;
  const weigh = ({ lines, family }: FormulaData) => analyse(lines, grade, find, family);
  const [a, b] = [weigh(before), weigh(after)];
  const verdictOf = (data: FormulaData, of: Analysis) => judgePart(of, data.family, data.shell);
  const [va, vb] = [verdictOf(before, a), verdictOf(after, b)];
  const degrees = (celsius: number | undefined) =>
    celsius === undefined ? '–' : `${temperature.degrees(celsius)} ${temperature.unit}`;
  const firmness = (of: typeof va) => ('firmness' in of ? FIRMNESS_WORDS[of.firmness] : '–');
  const ratio = (value: number | undefined) => value?.toFixed(2) ?? '–';
  const share = (value: number) => `${percent(value)} %`;
  const partNames = [...new Set([...before.parts, ...after.parts].map((part) => part.name))];
  const partIn = (data: FormulaData, name: string) => data.parts.find((part) => part.name === name);
  const linesIn = (data: FormulaData, name: string) => partIn(data, name)?.lines ?? [];
  const weighPart = (data: FormulaData, name: string) =>
    analyse(linesIn(data, name), grade, find, partIn(data, name)?.kind);
  const said = (of: ComparedRow) => of.before !== '–' || of.after !== '–';
  return {
    amounts: [
      ...amountRows(a, b, ''),
      row('Said of it', linesInWords(before.lines, find), linesInWords(after.lines, find)),
      ...partNames.flatMap((name) => [
        row(name, partInWords(partIn(before, name)), partInWords(partIn(after, name))),
        ...amountRows(weighPart(before, name), weighPart(after, name), name),
        row(
          `${name}: said of it`,
          linesInWords(linesIn(before, name), find),
          linesInWords(linesIn(after, name), find),
        ),
      ]),
    ].filter(said),
    ratios: [
      row('Egg to liquid', ratio(a.eggToLiquid), ratio(b.eggToLiquid)),
      row('Added sugar', share(a.share.addedSugar), share(b.share.addedSugar)),
      row('All fat', share(a.share.fat), share(b.share.fat)),
      row('Flour and starch', share(a.share.addedStarch), share(b.share.addedStarch)),
      ...(va.kind === 'judged' && vb.kind === 'judged'
        ? [
            row('Sets at', degrees(va.setC), degrees(vb.setC)),
            row('Curdles from', degrees(va.curdleC), degrees(vb.curdleC)),
          ]
        : []),
      row('When cold', firmness(va), firmness(vb)),
    ],
    settings: [
      row('Name', before.name, after.name),
      row('Kind', say(`part.${before.family}`), say(`part.${after.family}`)),
      row('Shell', say(`shell.${before.shell}`), say(`shell.${after.shell}`)),
      row(
        'Tin',
        `${before.vesselCount} × ${nameOf(before.vesselId)}`,
        `${after.vesselCount} × ${nameOf(after.vesselId)}`,
      ),
      row('Portions of each', String(before.portionsEach), String(after.portionsEach)),
      row('Stays in the bowl', share(before.lossShare), share(after.lossShare)),
      row('Gap to the rim', `${before.headspaceMm} mm`, `${after.headspaceMm} mm`),
      row('Oven', nameOf(before.ovenId), nameOf(after.ovenId)),
      row('Set to', degrees(before.setC), degrees(after.setC)),
      row('Then', ovenInWords(before), ovenInWords(after)),
      row('After the pull', outInWords(before), outInWords(after)),
      row('Empty shell', shellInWords(before), shellInWords(after)),
      row('Bath', bathInWords(before), bathInWords(after)),
      row('Poured at', degrees(before.fillingStartC), degrees(after.fillingStartC)),
      row('Note', before.note, after.note),
    ],
  };
}
