import type { FormulaData, PartData } from '@hollow-moon/contract';
import {
  analyse,
  judgePart,
  setsAtC,
  type Analysis,
  type EggGrade,
  type FindIngredient,
} from '@hollow-moon/core';
import {
  FIRMNESS_WORDS,
  measureInWords,
  percent,
  say,
  unitInWords,
  type Words,
} from '@hollow-moon/words';

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

/** Weights by ingredient, in the order of the lists. */
function gramsBy(of: Analysis): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { ingredient, grams } of of.lines) {
    if (ingredient && grams) sums.set(ingredient.name, (sums.get(ingredient.name) ?? 0) + grams);
  }
  return sums;
}

/** The lists of two formulas side by side, each thing in grams and as a share of its list. */
function amountRows(
  before: Analysis,
  after: Analysis,
  under: string,
  { quantity }: Words,
): ComparedRow[] {
  const [a, b] = [gramsBy(before), gramsBy(after)];
  const weight = (value: number | undefined) =>
    value === undefined ? '–' : quantity({ grams: value });
  const cell = (value: number | undefined, total: number) =>
    value === undefined ? '–' : `${weight(value)}, ${percent(value / total)} %`;
  return [...new Set([...a.keys(), ...b.keys()])].map((name) => ({
    ...row(
      under ? `${under}: ${name}` : name,
      cell(a.get(name), before.totalG),
      cell(b.get(name), after.totalG),
    ),
    // Where one thing is changed the shares of all the others follow: a cook has changed none of those.
    differs: weight(a.get(name)) !== weight(b.get(name)),
  }));
}

/** What is said of lines beyond their amounts, by ingredient: kept back, used instead, noted. */
function linesInWords(lines: FormulaData['lines'], find: FindIngredient): string {
  const says = lines.flatMap((line) => {
    const { ingredientId, unit, heldBack, instead, note } = line;
    const other = instead && find(instead.ingredientId);
    const of = [
      ...(line.vague
        ? [line.vague === 'unknown' ? say('bench.amount-unknown-2') : say('bench.by-eye')]
        : []),
      ...(heldBack
        ? [
            say('bench.kept-back', {
              measure: `${heldBack} ${unitInWords(unit, find(ingredientId), heldBack)}`,
            }),
          ]
        : []),
      ...(other
        ? [say('bench.instead', { measure: measureInWords(instead.amount, instead.unit, other) })]
        : []),
      ...(note ? [note] : []),
    ];
    return of.length > 0 ? [`${find(ingredientId)?.name ?? '?'}: ${of.join(', ')}`] : [];
  });
  return says.join('; ') || '–';
}

/** What a component is and where it goes. */
function partInWords(part: PartData | undefined, { put }: Words): string {
  if (!part) return '–';
  const { kind, place, eachG, vessels, bakesAlong, formulaId } = part;
  return [
    say(`part.${kind}`),
    say(`part-place.${place}`).toLowerCase(),
    ...(eachG === null ? [] : [put('bench.g-each', { each: { grams: eachG } })]),
    ...(vessels === null ? [] : [say('bench.in-of-them', { vessels })]),
    ...(bakesAlong ? [say('bench.in-the-oven-with-the-filling-2')] : []),
    ...(formulaId === null ? [] : [say('bench.from-a-formula-of-its-own')]),
  ].join(', ');
}

/** What is done to the oven, where the bake goes and how its shell is baked, each in a line. */
function ovenInWords(
  { ovenUse: { steps, doors, entersAtC, standing, foil, topUp, mode } }: FormulaData,
  { quantity }: Words,
): string {
  const says = [
    ...(entersAtC === null
      ? []
      : [say('bench.in-at-c', { entersAtC: quantity({ ovenC: entersAtC }) })]),
    ...steps.map(
      ({ atMin, on, to }) =>
        `${typeof to === 'number' ? quantity({ ovenC: to }) : say(`card.${to}`)} ${on ? say('bench.when', { on: say(`sign.${on}`) }) : say('bench.from-min', { atMin })}`,
    ),
    ...(topUp
      ? [say('bench.first-the-rest-at', { share: percent(topUp.share), atMin: topUp.atMin })]
      : []),
    ...doors.map(({ atMin, forS }) => say('bench.door-s-at-min', { forS, atMin })),
    ...(standing === 'rack' ? [] : [say(`standing.${standing}`).toLowerCase()]),
    ...(mode === null ? [] : [say(`oven-kind.${mode}`).toLowerCase()]),
    ...(foil ? ['foil'] : []),
  ];
  return says.join(', ') || '–';
}
const outInWords = ({ ovenUse: { out } }: FormulaData): string =>
  out
    .map(
      ({ atMin, place }) =>
        `${say(`place.${place}`)}${atMin > 0 ? ` ${say('bench.from-min', { atMin })}` : ''}`,
    )
    .join(', ');
function shellInWords(
  { shell, shellThicknessMm, shellBake }: FormulaData,
  { quantity }: Words,
): string {
  if (shell === 'none') return '–';
  const { raw, weights, docked, start, restMin, stages, target, seal } = shellBake;
  const rolled = quantity({ millimetres: shellThicknessMm });
  if (raw) return say('bench.filled-raw', { rolled });
  const baked = stages.map(({ minutes, setC, weighted, outOfRing }) =>
    say('bench.min-at-c', {
      minutes,
      setC: quantity({ ovenC: setC }),
      weights: weighted ? 'in' : 'none',
      ring: outOfRing ? 'off' : 'on',
    }),
  );
  return [
    rolled,
    say('bench.rested-min', { restMin }),
    say(`lined.${start}`).toLowerCase(),
    ...baked,
    say(`weights.${weights}`).toLowerCase(),
    say('bench.to', { target }),
    ...(docked ? [say('bench.pricked')] : []),
    ...(seal === 'none'
      ? []
      : [say('bench.sealed-with', { seal: say(`seal.${seal}`).toLowerCase() })]),
  ].join(', ');
}
const bathInWords = ({ bath, ovenUse: { wrapped } }: FormulaData, { put }: Words): string =>
  bath
    ? put('bench.cm-mm-at', {
        along: { widthMm: bath.panLengthMm },
        across: { widthMm: bath.panBreadthMm },
        level: { millimetres: bath.levelMm },
        water: { celsius: bath.waterC },
        more: wrapped ? `, ${say('bench.wrapped')}` : '',
      })
    : '–';

const share = (value: number): string => `${percent(value)} %`;

/** How each is baked: tin, oven, shell, bath, and what is done after it. */
function settingsOf(
  before: FormulaData,
  after: FormulaData,
  words: Words,
  nameOf: (vesselOrOvenId: string | null) => string,
): ComparedRow[] {
  const { quantity } = words;
  return [
    row(say('bench.name'), before.name, after.name),
    row(say('bench.kind'), say(`part.${before.family}`), say(`part.${after.family}`)),
    row(say('bench.shell'), say(`shell.${before.shell}`), say(`shell.${after.shell}`)),
    row(
      say('bench.tin'),
      `${before.vesselCount} × ${nameOf(before.vesselId)}`,
      `${after.vesselCount} × ${nameOf(after.vesselId)}`,
    ),
    row(say('bench.portions-of-each'), String(before.portionsEach), String(after.portionsEach)),
    row(say('bench.stays-in-the-bowl'), share(before.lossShare), share(after.lossShare)),
    row(
      say('bench.gap-to-the-rim'),
      quantity({ millimetres: before.headspaceMm }),
      quantity({ millimetres: after.headspaceMm }),
    ),
    row(say('bench.oven'), nameOf(before.ovenId), nameOf(after.ovenId)),
    row(say('bench.set-to'), quantity({ ovenC: before.setC }), quantity({ ovenC: after.setC })),
    row(say('bench.then'), ovenInWords(before, words), ovenInWords(after, words)),
    row(say('bench.after-the-pull'), outInWords(before), outInWords(after)),
    row(say('bench.empty-shell'), shellInWords(before, words), shellInWords(after, words)),
    row(say('bench.bath'), bathInWords(before, words), bathInWords(after, words)),
    row(
      say('bench.poured-at'),
      quantity({ celsius: before.fillingStartC }),
      quantity({ celsius: after.fillingStartC }),
    ),
    row(say('bench.method'), before.steps.join(' '), after.steps.join(' ')),
    row(say('bench.note'), before.note, after.note),
  ];
}

/** Two formulas side by side: in grams and percent, in ratios and verdict, in how they are baked. */
export function compared(
  before: FormulaData,
  after: FormulaData,
  context: {
    readonly grade: EggGrade;
    readonly find: FindIngredient;
    readonly words: Words;
    readonly nameOf: (vesselOrOvenId: string | null) => string;
  },
): Compared {
  const { grade, find, words, nameOf } = context;
  const weigh = ({ lines, family }: FormulaData) => analyse(lines, grade, find, family);
  const [a, b] = [weigh(before), weigh(after)];
  const verdictOf = (data: FormulaData, of: Analysis) => judgePart(of, data.family, data.shell);
  const [va, vb] = [verdictOf(before, a), verdictOf(after, b)];
  const degrees = (celsius: number | undefined) =>
    celsius === undefined ? '–' : words.quantity({ celsius });
  const firmness = (of: typeof va) => ('firmness' in of ? FIRMNESS_WORDS[of.firmness] : '–');
  const ratio = (value: number | undefined) => value?.toFixed(2) ?? '–';
  const partNames = [...new Set([...before.parts, ...after.parts].map((part) => part.name))];
  const partIn = (data: FormulaData, name: string) => data.parts.find((part) => part.name === name);
  const linesIn = (data: FormulaData, name: string) => partIn(data, name)?.lines ?? [];
  const weighPart = (data: FormulaData, name: string) =>
    analyse(linesIn(data, name), grade, find, partIn(data, name)?.kind);
  const said = (of: ComparedRow) => of.before !== '–' || of.after !== '–';
  return {
    amounts: [
      ...amountRows(a, b, '', words),
      row(
        say('bench.said-of-it'),
        linesInWords(before.lines, find),
        linesInWords(after.lines, find),
      ),
      ...partNames.flatMap((name) => [
        row(
          name,
          partInWords(partIn(before, name), words),
          partInWords(partIn(after, name), words),
        ),
        ...amountRows(weighPart(before, name), weighPart(after, name), name, words),
        row(
          say('bench.said-of-it-2', { name }),
          linesInWords(linesIn(before, name), find),
          linesInWords(linesIn(after, name), find),
        ),
      ]),
    ].filter(said),
    ratios: [
      row(say('bench.egg-to-liquid-2'), ratio(a.eggToLiquid), ratio(b.eggToLiquid)),
      row(say('bench.added-sugar'), share(a.share.addedSugar), share(b.share.addedSugar)),
      row(say('bench.all-fat'), share(a.share.fat), share(b.share.fat)),
      row(say('bench.flour-and-starch'), share(a.share.addedStarch), share(b.share.addedStarch)),
      ...(va.kind === 'judged' && vb.kind === 'judged'
        ? [
            row(say('bench.sets-at-2'), degrees(setsAtC(va)), degrees(setsAtC(vb))),
            row(say('bench.curdles-from'), degrees(va.curdleC), degrees(vb.curdleC)),
          ]
        : []),
      row(say('bench.when-cold'), firmness(va), firmness(vb)),
    ],
    settings: settingsOf(before, after, words, nameOf),
  };
}
