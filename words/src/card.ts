import {
  doughDisc,
  fanToStillC,
  finding,
  type Analysis,
  type BathPlan,
  type Build,
  type BuildFormula,
  type BuiltPart,
  type Finding,
  type Fit,
  type Forecast,
  type Oven,
  type OutStep,
  type OvenStep,
  type PartVerdict,
  type TopUp,
  type Value,
  type Vessel,
  type WeighedLine,
} from '@hollow-moon/core';
import { listed, say, type MessageId } from './say';
import type { Words } from './wordsIn';
import { minutes } from './quantities';

/** A line of a card: what is weighed, big, and what is done with it. */
export interface CardRow {
  readonly amount: string;
  readonly name: string;
  readonly note: string;
}

/** What is printed to lie by the scale: plain words and figures, in the order of the work. */
export interface Card {
  readonly title: string;
  readonly subtitle: string;
  readonly lists: readonly {
    readonly title: string;
    readonly aside: string;
    readonly rows: readonly CardRow[];
  }[];
  readonly figures: readonly { readonly label: string; readonly value: string }[];
  /** How to know it is done. */
  readonly signs: readonly string[];
  readonly cautions: readonly string[];
}

/** What a card is made of. */
export interface CardOf {
  readonly formula: BuildFormula & {
    readonly note: string;
    readonly setC: number;
    readonly fillingStartC: number;
    readonly bath: Omit<BathPlan, 'vessels'> | null;
    readonly ovenUse: {
      readonly steps: readonly OvenStep[];
      readonly topUp: TopUp | null;
      readonly out: readonly OutStep[];
    };
  };
  readonly build: Build;
  readonly verdict: PartVerdict;
  readonly fit: Fit | undefined;
  readonly vessel: Vessel | undefined;
  readonly oven: Oven | undefined;
  readonly forecast: Forecast | undefined;
}

/** Something that is said of a card, with its quantities. */
type Tell = (id: MessageId, values?: Readonly<Record<string, Value>>) => string;

const trimmed = (value: number): string => String(Number(value.toFixed(1)));
const cm = (mm: number): string => `${trimmed(mm / 10)} cm`;
const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** Counted eggs by count, the weight beside; all else in grams. */
function rowOf({ line, ingredient, grams }: WeighedLine, batches: number, tell: Tell): CardRow {
  const name = ingredient?.name ?? line.ingredientId;
  const note = line.note ?? '';
  if (line.vague) {
    return { amount: tell(line.vague === 'unknown' ? 'card.unknown' : 'card.by-eye'), name, note };
  }
  const weight =
    grams === undefined
      ? say('card.unknown')
      : tell('written.amount', { stated: { grams: grams * batches } });
  const counted = line.unit === 'piece' && ingredient?.eggPart !== undefined;
  const held =
    line.heldBack && grams && line.amount > 0
      ? tell('card.hold-back', {
          amount: { grams: (line.heldBack / line.amount) * grams * batches },
        })
      : '';
  return {
    amount: counted ? trimmed(line.amount * batches) : weight,
    name: counted ? tell('card.egg-weight', { name, weight }) : name,
    note: [held, note].filter(Boolean).join('; '),
  };
}

const rowsOf = (of: Analysis, tell: Tell, batches = 1): CardRow[] =>
  of.lines.map((weighed) => rowOf(weighed, batches, tell));

function asideOf({ part, wantedG, vessels, batches }: BuiltPart, tell: Tell): string {
  const place = lowered(say(`part-place.${part.place}`));
  const along = !part.bakesAlong ? [] : [say(part.place === 'over' ? 'card.with-it' : 'card.raw')];
  const where = [place, ...along].join(', ');
  const each =
    vessels > 0 ? tell('card.each', { place: where, each: { grams: wantedG / vessels } }) : where;
  return part.formulaId === null
    ? each
    : `${each}, ${tell('card.of-a-batch', { batches: batches.toFixed(2) })}`;
}

/** How a bake is pulled, from its forecast. */
function pullSigns({ verdict }: Forecast, tell: Tell): string[] {
  if (verdict.kind === 'no-window') return [tell('card.no-window', { why: verdict.says })];
  const { earliest, best, latest } = verdict;
  const values = {
    best: minutes(best.timeS),
    earliest: minutes(earliest.timeS),
    latest: minutes(latest.timeS),
    centre: { celsius: best.probeC },
  };
  return [
    best.wobble.diameterM > 0.005
      ? tell('card.pull-wobble', { ...values, wobble: cm(best.wobble.diameterM * 1000) })
      : tell('card.pull-quiver', values),
    tell('card.coasts', { peak: { celsius: best.peakC } }),
  ];
}

function signsOf(verdict: PartVerdict, forecast: Forecast | undefined, words: Words, tell: Tell) {
  const pull = forecast ? pullSigns(forecast, tell) : [];
  if (verdict.kind !== 'by-sign' && verdict.kind !== 'made') return pull;
  const { endC, treatment } = verdict;
  const end = !endC
    ? []
    : endC.to === undefined
      ? [tell('card.done-from', { from: { celsius: endC.from } })]
      : [tell('card.done-between', { from: { celsius: endC.from }, to: { celsius: endC.to } })];
  return [...pull, ...end, words.tell(treatment)];
}

/** What is done to oven and filling on the way, each with its minute or its sign. */
function usesOf(
  { bath, ovenUse }: CardOf['formula'],
  forecast: Forecast | undefined,
  words: Words,
  tell: Tell,
): Card['figures'] {
  const { steps, topUp, out } = ovenUse;
  const away = out.filter(({ atMin, place }) => atMin > 0 || place !== 'rack');
  const turnedTo = (to: OvenStep['to']): string =>
    typeof to === 'number' ? words.quantity({ celsius: to }) : say(`card.${to}`);
  const stepValue = ({ atMin, on, to }: OvenStep, index: number): string => {
    if (!on) return tell('card.from-minute', { to: turnedTo(to), at: atMin });
    const seen = forecast?.steps[index]?.atMin;
    const values = { to: turnedTo(to), sign: finding(`sign.${on}`) };
    return seen === undefined
      ? tell('card.when', values)
      : tell('card.when-about', { ...values, at: Math.round(seen) });
  };
  return [
    ...(bath
      ? [
          {
            label: say('card.bath'),
            value: tell('card.bath-value', {
              level: cm(bath.levelMm),
              water: { celsius: bath.waterC },
            }),
          },
        ]
      : []),
    ...(topUp
      ? [
          {
            label: say('card.top-up'),
            value: tell('card.top-up-value', {
              first: { share: topUp.share, digits: 0 },
              at: topUp.atMin,
            }),
          },
        ]
      : []),
    ...steps.map((step, index) => ({ label: say('card.then'), value: stepValue(step, index) })),
    ...away.map(({ atMin, place }) => {
      const name = lowered(say(`place.${place}`));
      return {
        label: say('card.after'),
        value: atMin > 0 ? tell('card.place-from', { place: name, at: atMin }) : name,
      };
    }),
  ];
}

/** The oven as it is set, and how far off it runs. */
function ovenValue({ kind, offsetK }: Oven, setC: number, tell: Tell): string {
  const set = { celsius: setC };
  const value =
    kind === 'fan'
      ? tell('card.oven-fan', { set, still: { celsius: fanToStillC(setC) } })
      : tell('card.oven-value', { set, kind: lowered(say(`oven-kind.${kind}`)) });
  if (offsetK === 0) return value;
  const by = { kelvin: Math.abs(offsetK) };
  return `${value}, ${tell(offsetK < 0 ? 'card.runs-cool' : 'card.runs-hot', { by })}`;
}

/** The discs to roll for a formula in its tin; none without a rolled shell. */
function rollValue({ formula, vessel }: CardOf, tell: Tell): string | undefined {
  const { shell, shellThicknessMm } = formula;
  if (!vessel || shell === 'none' || !(shellThicknessMm > 0)) return undefined;
  const { diameterMm, breadthMm, massG } = doughDisc(vessel, shellThicknessMm);
  const values = {
    across: cm(diameterMm),
    thickness: { millimetres: shellThicknessMm },
    mass: { grams: massG },
  };
  return diameterMm === breadthMm
    ? tell('card.roll-round', values)
    : tell('card.roll-sheet', { ...values, along: cm(breadthMm) });
}

function figuresOf(of: CardOf, words: Words, tell: Tell): Card['figures'] {
  const { formula, build, fit, vessel, oven, forecast } = of;
  const figure = (label: MessageId, value: string | undefined) =>
    value === undefined ? [] : [{ label: say(label), value }];
  return [
    ...figure(
      'card.tin',
      vessel && tell('card.tin-value', { count: formula.vesselCount, name: vessel.name }),
    ),
    ...figure('card.roll', rollValue(of, tell)),
    ...figure(
      'card.fill',
      fit &&
        tell('card.fill-value', {
          mass: { grams: fit.wanted.massG },
          gap: { millimetres: formula.headspaceMm },
        }),
    ),
    ...(oven
      ? [
          ...figure('card.oven', ovenValue(oven, formula.setC, tell)),
          ...figure('card.pour-at', words.quantity({ celsius: formula.fillingStartC })),
          ...usesOf(formula, forecast, words, tell),
        ]
      : []),
    ...figure(
      'card.portions',
      build.portionG === undefined
        ? String(build.portions)
        : tell('card.portions-value', { count: build.portions, mass: { grams: build.portionG } }),
    ),
  ];
}

const warningsIn = (verdict: PartVerdict): readonly Finding[] =>
  verdict.kind === 'not-judged' ? [] : verdict.warnings;

/**
 * The bench card of a build: scaled lists of filling and components, figures of tin and oven, end
 * signs, and every caution that travels with what is in it. Grams rounded as a scale shows them.
 */
export function cardOf(of: CardOf, words: Words): Card {
  const { formula, build, verdict, forecast } = of;
  const { filling, parts } = build;
  const tell: Tell = (id, values) => words.tell(finding(id, values));
  const allergens = build.allergens.map((each) => say(`allergen.${each}`));
  const cautions = [
    ...warningsIn(verdict),
    ...parts.flatMap((part) => warningsIn(part.verdict)),
    ...(forecast?.cautions ?? []),
  ];
  return {
    title: formula.name,
    subtitle: tell('card.subtitle', {
      kind: finding(`part.${formula.family}`),
      shell: lowered(say(`shell.${formula.shell}`)),
    }),
    lists: [
      {
        title: say('card.filling'),
        aside: words.quantity({ grams: filling.totalG }),
        rows: rowsOf(filling, tell),
      },
      ...parts.map((part) => ({
        title: part.part.name,
        aside: asideOf(part, tell),
        rows: rowsOf(part.analysis, tell, part.batches),
      })),
    ],
    figures: figuresOf(of, words, tell),
    signs: [...signsOf(verdict, forecast, words, tell), ...(formula.note ? [formula.note] : [])],
    cautions: [
      ...(allergens.length > 0 ? [tell('card.contains', { allergens: listed(allergens) })] : []),
      ...build.hazards.map((hazard) => say(`hazard.${hazard}`)),
      ...cautions.map(words.tell),
      tell('card.cooling'),
    ],
  };
}
