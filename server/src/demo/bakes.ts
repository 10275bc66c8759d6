import type {
  BakeData,
  DeedData,
  FormulaData,
  Noted,
  OvenData,
  VesselData,
} from '@hollow-moon/contract';
import {
  asBaked,
  forecast,
  MODEL_VERSION,
  probeAtTime,
  stillAt,
  type Forecast,
  type ForecastPlan,
} from '@hollow-moon/core';
import { demoId, demoKitchen, demoOvens, demoVessels, OVEN, VESSEL } from './kitchen';
import { demoFormulas } from './formulas';
import { FORMULA } from './list';
import { deedsOf, foreseenFrom } from '@hollow-moon/contract';

/** How one invented bake differed from its formula's usual plan, and what came of it. */
interface Story {
  readonly day: number;
  readonly formula: string;
  readonly vessel?: string;
  readonly oven?: string;
  readonly setC?: number;
  readonly fillingStartC?: number;
  /** How far off the oven really was that night, beyond what the kitchen knows, K. */
  readonly driftK: number;
  /** Minutes pulled after (or, negative, before) the forecast's best time. */
  readonly lateMin: number;
  readonly result: BakeData['result'];
  readonly faults: BakeData['faults'];
  readonly note: string;
  /** What went wrong on the way and was done about it, by the minute. */
  readonly deeds?: readonly {
    readonly atMin: number;
    readonly deed: DistributiveOmit<DeedData, 'id' | 'atS'>;
  }[];
}

/** Each of a union without some of its fields. */
type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

const STORIES: readonly Story[] = [
  {
    day: 41,
    formula: FORMULA.bay,
    driftK: -3,
    lateMin: 2,
    result: 'good',
    faults: [],
    note: 'Clean cut, faint line of set at the rim.',
  },
  {
    day: 38,
    formula: FORMULA.bay,
    setC: 165,
    fillingStartC: 20,
    driftK: 2,
    lateMin: 3,
    result: 'poor',
    faults: ['curdled', 'weeping'],
    note: 'In a hurry, oven up. Water at the edge by eight.',
    deeds: [
      { atMin: 26, deed: { kind: 'trouble', trouble: 'simmers' } },
      { atMin: 26, deed: { kind: 'oven', celsius: 145 } },
    ],
  },
  {
    day: 36,
    formula: FORMULA.milkPie,
    driftK: -2,
    lateMin: 1,
    result: 'good',
    faults: [],
    note: 'Held its slice at noon.',
  },
  {
    day: 33,
    formula: FORMULA.buckwheat,
    driftK: 0,
    lateMin: 0,
    result: 'poor',
    faults: ['curdled', 'bubbles'],
    note: 'Dry oven again. Rim like sponge, middle loose.',
  },
  {
    day: 30,
    formula: FORMULA.bay,
    driftK: -6,
    lateMin: -2,
    result: 'fair',
    faults: ['not-set'],
    note: 'Taken early for the boat; set after two hours cold.',
  },
  {
    day: 27,
    formula: FORMULA.bay,
    driftK: -4,
    lateMin: 3,
    result: 'good',
    faults: [],
    note: 'Gave it three minutes more.',
  },
  {
    day: 23,
    formula: FORMULA.milkPie,
    oven: OVEN.fan,
    setC: 125,
    driftK: 1,
    lateMin: 2,
    result: 'fair',
    faults: ['browned-skin'],
    note: 'Fan oven: skin on one side.',
  },
  {
    day: 19,
    formula: FORMULA.bay,
    vessel: VESSEL.deepRing20,
    setC: 130,
    driftK: -3,
    lateMin: 4,
    result: 'good',
    faults: [],
    note: 'Deep ring. Long, slow, worth it.',
  },
  {
    day: 15,
    formula: FORMULA.buckwheat,
    oven: OVEN.fan,
    setC: 90,
    driftK: -1,
    lateMin: 3,
    result: 'good',
    faults: [],
    note: 'Barely warm oven, over an hour. Smooth right through.',
  },
  {
    day: 11,
    formula: FORMULA.bay,
    fillingStartC: 60,
    driftK: -4,
    lateMin: 1,
    result: 'good',
    faults: [],
    note: 'Filled straight off the hob.',
  },
  {
    day: 6,
    formula: FORMULA.milkPie,
    fillingStartC: 20,
    driftK: -3,
    lateMin: 2,
    result: 'fair',
    faults: ['soggy-base'],
    note: 'Filled cold, base limp.',
  },
  {
    day: 2,
    formula: FORMULA.bay,
    driftK: -5,
    lateMin: 4,
    result: 'good',
    faults: [],
    note: 'Oven slow again. Middle third moved as one.',
  },
];

/** The plan of a bake as the forecast needs it. */
function planOf(
  formula: FormulaData,
  vessel: VesselData,
  oven: OvenData,
  story: Story,
): ForecastPlan {
  return {
    lines: formula.lines.map(({ id, ingredientId, amount, unit }) => ({
      id,
      ingredientId,
      amount,
      unit,
    })),
    eggGrade: demoKitchen.eggGrade,
    family: formula.family,
    shell: formula.shell,
    vessel,
    shellThicknessMm: formula.shellThicknessMm,
    headspaceMm: formula.headspaceMm,
    oven: { kind: oven.kind, offsetK: oven.offsetK },
    setC: story.setC ?? formula.setC,
    fillingStartC: story.fillingStartC ?? formula.fillingStartC,
    roomC: demoKitchen.roomC,
    altitudeM: demoKitchen.altitudeM,
  };
}

const made = (plan: ForecastPlan): Forecast => {
  const result = forecast(plan);
  if (!result.ok) throw new Error(`demonstration bake: ${result.problem.code}`);
  return result.value;
};

/** A small irregularity of hand and thermometer, the same at every start: -1 to 1. */
const shake = (story: number, item: number): number => Math.sin(story * 12.9898 + item * 78.233);

const half = (value: number): number => Math.round(value * 2) / 2;

/** A past bake, and what was noted of it on the way. */
interface DemoBake {
  readonly data: BakeData;
  readonly noted: Noted;
}

function bakeOf(story: Story, index: number, today: Date): DemoBake {
  const formula = demoFormulas[story.formula]!;
  const vesselId = story.vessel ?? formula.vesselId!;
  const ovenId = story.oven ?? formula.ovenId!;
  const vessel = demoVessels[vesselId]!;
  const oven = demoOvens[ovenId]!;
  const plan = planOf(formula, vessel, oven, story);
  const foreseen = made(plan);
  const deeds = (story.deeds ?? []).map(({ atMin, deed }, item): DeedData => ({
    id: demoId(100 + index, item + 1),
    atS: atMin * 60,
    ...deed,
  }));
  const drifted = { ...plan, oven: { ...plan.oven, offsetK: oven.offsetK + story.driftK } };
  const really = made(asBaked(drifted, deedsOf(deeds, plan)));
  const pulledS = Math.round(foreseen.pullS + story.lateMin * 60);
  // Nights start between ten to three and a quarter past four.
  const startedAt = new Date(today);
  startedAt.setUTCDate(startedAt.getUTCDate() - story.day);
  startedAt.setUTCHours(2, 50 + ((index * 37) % 85), (index * 23) % 60, 0);
  const share = (part: number) => Math.round(pulledS * part);
  // The drawn history cools after its own pull; readings are taken before either.
  const lastS = Math.min(pulledS, really.pullS);
  const data: BakeData = {
    formulaId: story.formula,
    vesselId,
    ovenId,
    formulaName: formula.name,
    vesselName: vessel.name,
    ovenName: oven.name,
    vesselCount: formula.vesselCount,
    parts: [],
    shell: formula.shell,
    setC: plan.setC,
    fillingStartC: plan.fillingStartC,
    surfaceMm: Math.round(foreseen.field.fill.topRadiusM * 2000),
    foreseen: foreseenFrom(foreseen),
    planned: { plan, formulaVersion: 1, modelVersion: MODEL_VERSION },
    startedAt: startedAt.toISOString(),
    pulledAt: new Date(startedAt.getTime() + pulledS * 1000).toISOString(),
    result: story.result,
    faults: story.faults,
    note: story.note,
    archived: false,
  };
  const noted: Noted = {
    readings: [0.45, 0.7, 0.85, 1].map((part, item) => ({
      id: demoId(60 + index, item + 1),
      atS: Math.min(share(part), lastS),
      place: 'centre' as const,
      celsius: half(
        probeAtTime(really, 'centre', Math.min(share(part), lastS)) + 0.6 * shake(index, item),
      ),
    })),
    wobbles: [0.88, 1].map((part, item) => {
      const atS = Math.min(share(part), lastS);
      const { frame } = stillAt(really, atS);
      return {
        id: demoId(80 + index, item + 1),
        atS,
        diameterMm: Math.max(0, Math.round((frame.wobble.diameterM * 1000) / 5) * 5),
        motion: frame.wobble.motion,
      };
    }),
    deeds,
  };
  return { data, noted };
}

/** The one that is written last: with it the demonstration kitchen is whole. */
export const LAST_DEMO_BAKE_ID = demoId(5, STORIES.length);

/** The dozen past bakes, dated back from `today`; what happened is computed with the ovens' true drift. */
export const demoBakes = (today: Date): Readonly<Record<string, DemoBake>> =>
  Object.fromEntries(
    STORIES.map((story, index) => [demoId(5, index + 1), bakeOf(story, index, today)]),
  );
