import {
  OUT_PLACE_NAMES,
  SIGN_NAMES,
  type BathPlan,
  type Oven,
  type OutStep,
  type OvenStep,
} from '../oven';
import { type Forecast, type TopUp } from '../forecast';
import { PART_NAMES, SHELL_NAMES, type Analysis, type WeighedLine } from '../formula';
import type { PartVerdict } from '../setting';
import { doughDisc } from '../shell';
import { fanToStillC } from '../units';
import type { Vessel } from '../vessel';
import type { Build, BuiltPart } from './build';
import type { Fit } from './fit';
import { PART_PLACE_NAMES, type BuildFormula } from './part';

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

const round = (value: number): string =>
  value >= 1000
    ? String(Math.round(value / 5) * 5)
    : value < 10
      ? String(Number(value.toFixed(1)))
      : String(Math.round(value));

const cm = (mm: number): string => `${Number((mm / 10).toFixed(1))} cm`;
const minutes = (seconds: number): string => String(Math.round(seconds / 60));

/** Counted eggs by count, the weight beside; all else in grams. */
function rowOf({ line, ingredient, grams }: WeighedLine, batches: number): CardRow {
  if (line.vague) {
    const amount = line.vague === 'unknown' ? '?' : 'by eye';
    return { amount, name: ingredient?.name ?? line.ingredientId, note: line.note ?? '' };
  }
  const weight = grams === undefined ? '?' : `${round(grams * batches)} g`;
  const counted = line.unit === 'piece' && ingredient?.eggPart !== undefined;
  const count = Number((line.amount * batches).toFixed(1));
  const held =
    line.heldBack && grams && line.amount > 0
      ? `keep back ${round((line.heldBack / line.amount) * grams * batches)} g`
      : '';
  return {
    amount: counted ? `${count}` : weight,
    name: `${ingredient?.name ?? line.ingredientId}${counted ? `, ${weight}` : ''}`,
    note: [held, line.note ?? ''].filter(Boolean).join('; '),
  };
}

const rowsOf = (of: Analysis, batches = 1): CardRow[] =>
  of.lines.map((weighed) => rowOf(weighed, batches));

function asideOf({ part, wantedG, vessels, batches }: BuiltPart): string {
  const each = vessels > 0 ? `, ${round(wantedG / vessels)} g a tin` : '';
  const from = part.formulaId === null ? '' : `, ${batches.toFixed(2)} of a batch`;
  const along = !part.bakesAlong ? '' : part.place === 'over' ? ', in the oven with it' : ', raw';
  return `${PART_PLACE_NAMES[part.place].toLowerCase()}${along}${each}${from}`;
}

/** How a bake is pulled, in words, from its forecast. */
function pullSigns(forecast: Forecast): string[] {
  const { verdict } = forecast;
  if (verdict.kind === 'no-window') return [`No window: ${verdict.says}`];
  const { earliest, best, latest } = verdict;
  const wobble =
    best.wobble.diameterM > 0.005
      ? `when ${cm(best.wobble.diameterM * 1000)} in the middle still move`
      : 'when the middle only quivers';
  return [
    `Pull at ${minutes(best.timeS)} min (${minutes(earliest.timeS)} to ${minutes(latest.timeS)}), centre ${Math.round(best.probeC)} °C, ${wobble}.`,
    `It coasts to about ${Math.round(best.peakC)} °C.`,
  ];
}

function signsOf(verdict: PartVerdict, forecast: Forecast | undefined): string[] {
  const pull = forecast ? pullSigns(forecast) : [];
  if (verdict.kind === 'by-sign' || verdict.kind === 'made') {
    const { endC, treatment } = verdict;
    const end = endC
      ? [`Done at ${endC.from}${endC.to === undefined ? ' °C and over' : ` to ${endC.to} °C`}.`]
      : [];
    return [...pull, ...end, treatment];
  }
  return pull;
}

const turnedTo = (to: OvenStep['to']): string =>
  typeof to === 'number' ? `${to} °C` : `off, door ${to === 'off-shut' ? 'shut' : 'ajar'}`;

/** What is done to oven and filling on the way, each with its minute or its sign. */
function usesOf(
  { bath, ovenUse }: CardOf['formula'],
  forecast: Forecast | undefined,
): Card['figures'] {
  const { steps, topUp, out } = ovenUse;
  const away = out.filter(({ atMin, place }) => atMin > 0 || place !== 'rack');
  return [
    ...(bath ? [{ label: 'Bath', value: `${cm(bath.levelMm)} up, at ${bath.waterC} °C` }] : []),
    ...(topUp
      ? [
          {
            label: 'Top up',
            value: `${Math.round(topUp.share * 100)} % first, the rest at ${topUp.atMin} min`,
          },
        ]
      : []),
    ...steps.map(({ atMin, on, to }, index) => {
      const seen = forecast?.steps[index]?.atMin;
      const about = seen === undefined ? '' : `, about ${Math.round(seen)} min`;
      return {
        label: 'Then',
        value: `${turnedTo(to)} ${on ? `when ${SIGN_NAMES[on]}${about}` : `from ${atMin} min`}`,
      };
    }),
    ...away.map(({ atMin, place }) => ({
      label: 'After',
      value: `${OUT_PLACE_NAMES[place].toLowerCase()}${atMin > 0 ? ` from ${atMin} min` : ''}`,
    })),
  ];
}

/**
 * The bench card of a build: scaled lists of filling and components, figures of tin and oven, end
 * signs, and every caution that travels with what is in it. Temperatures in °C; grams rounded as a
 * scale shows them.
 */
export function cardOf({ formula, build, verdict, fit, vessel, oven, forecast }: CardOf): Card {
  const { filling, parts } = build;
  const disc =
    vessel && formula.shell !== 'none' && formula.shellThicknessMm > 0
      ? doughDisc(vessel, formula.shellThicknessMm)
      : undefined;
  const figures = [
    ...(vessel ? [{ label: 'Tin', value: `${formula.vesselCount} × ${vessel.name}` }] : []),
    ...(disc
      ? [
          {
            label: 'Roll',
            value: `${disc.diameterMm === disc.breadthMm ? cm(disc.diameterMm) : `${cm(disc.diameterMm)} × ${cm(disc.breadthMm)}`} at ${formula.shellThicknessMm} mm, ${round(disc.massG)} g each`,
          },
        ]
      : []),
    ...(fit
      ? [
          {
            label: 'Fill',
            value: `${round(fit.wanted.massG)} g each, ${formula.headspaceMm} mm to the rim`,
          },
        ]
      : []),
    ...(oven
      ? [
          {
            label: 'Oven',
            value: `${formula.setC} °C, ${oven.kind}${oven.kind === 'fan' ? ` (still ${fanToStillC(formula.setC)} °C)` : ''}${oven.offsetK === 0 ? '' : `, runs ${Math.abs(oven.offsetK)} ${oven.offsetK < 0 ? 'cool' : 'hot'}`}`,
          },
          { label: 'Pour at', value: `${formula.fillingStartC} °C` },
          ...usesOf(formula, forecast),
        ]
      : []),
    {
      label: 'Portions',
      value:
        build.portionG === undefined
          ? String(build.portions)
          : `${build.portions}, ${round(build.portionG)} g each`,
    },
  ];
  const partWarnings = parts.flatMap((part) =>
    part.verdict.kind === 'not-judged' ? [] : part.verdict.warnings,
  );
  return {
    title: formula.name,
    subtitle: `${PART_NAMES[formula.family]}, ${SHELL_NAMES[formula.shell].toLowerCase()}`,
    lists: [
      { title: 'Filling', aside: `${round(filling.totalG)} g`, rows: rowsOf(filling) },
      ...parts.map((part) => ({
        title: part.part.name,
        aside: asideOf(part),
        rows: rowsOf(part.analysis, part.batches),
      })),
    ],
    figures,
    signs: [...signsOf(verdict, forecast), ...(formula.note ? [formula.note] : [])],
    cautions: [
      ...(build.allergens.length > 0 ? [`Contains ${build.allergens.join(', ')}.`] : []),
      ...build.hazards,
      ...(verdict.kind === 'not-judged' ? [] : verdict.warnings),
      ...partWarnings,
      ...(forecast?.cautions ?? []),
      'Cool from 60 to 21 °C within 2 h and to 5 °C within 4 more; local codes come first.',
    ],
  };
}
