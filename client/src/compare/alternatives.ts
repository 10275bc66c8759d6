import {
  filledToGap,
  levelOf,
  OVEN_KINDS,
  withRemedy,
  type Forecast,
  type ForecastPlan,
  type VesselMaterial,
} from '@hollow-moon/core';
import { say, type Words } from '@hollow-moon/words';

/** Another way to bake the same, to hold against the plan. */
export interface Alternative {
  readonly id: string;
  readonly name: string;
  readonly plan: ForecastPlan;
}

const MATERIALS: Readonly<Record<VesselMaterial, string>> = {
  'bright-tin': say('compare.in-bright-tin'),
  'dark-tin': say('compare.in-dark-tin'),
  glass: say('compare.in-glass'),
  ceramic: say('compare.in-china'),
};

const HOT_C = 60;
const COLD_C = 6;
const SHALLOWER_MM = 5;

/** Ways cooks argue about, each one change from the plan. Those that the plan already is are left out. */
export function alternativesTo(plan: ForecastPlan, { put, quantity }: Words): Alternative[] {
  const at = (byK: number): Alternative => ({
    id: `oven/${byK}`,
    name: put('compare.at', { set: { ovenC: plan.setC + byK } }),
    plan: withRemedy(plan, { kind: 'oven', byK }),
  });
  const { bath: _bath, ...dry } = plan;
  const heightMm = plan.vessel.heightMm;
  const level = levelOf(plan);
  return [
    at(-20),
    at(-10),
    at(10),
    at(20),
    ...(plan.bath
      ? [{ id: 'dry', name: say('compare.without-the-bath'), plan: dry }]
      : [
          {
            id: 'bath',
            name: say('compare.in-a-water-bath'),
            plan: {
              ...plan,
              bath: {
                panLengthMm: 380,
                panBreadthMm: 300,
                levelMm: Math.round(heightMm / 2),
                waterC: 90,
                vessels: plan.inOven ?? 1,
              },
            },
          },
        ]),
    ...(plan.fillingStartC < HOT_C - 5
      ? [
          {
            id: 'hot',
            name: put('compare.filled-hot', { at: { celsius: HOT_C } }),
            plan: { ...plan, fillingStartC: HOT_C },
          },
        ]
      : []),
    ...(plan.fillingStartC > COLD_C + 5
      ? [
          {
            id: 'cold',
            name: put('compare.filled-cold', { at: { celsius: COLD_C } }),
            plan: { ...plan, fillingStartC: COLD_C },
          },
        ]
      : []),
    ...(Object.keys(MATERIALS) as VesselMaterial[])
      .filter((material) => material !== plan.vessel.material)
      .map((material) => ({
        id: `material/${material}`,
        name: MATERIALS[material],
        plan: { ...plan, vessel: { ...plan.vessel, material } },
      })),
    ...OVEN_KINDS.filter((kind) => kind !== plan.oven.kind).map((kind) => ({
      id: `kind/${kind}`,
      name: say('compare.in-an-oven', { kind: say(`oven-kind.${kind}`).toLowerCase() }),
      plan: { ...plan, oven: { ...plan.oven, kind } },
    })),
    ...(level.ok
      ? [
          {
            id: 'shallower',
            name: say('compare.shallower', { by: quantity({ millimetres: SHALLOWER_MM }) }),
            plan: filledToGap(plan, level.value.gapMm + SHALLOWER_MM),
          },
        ]
      : []),
    ...(plan.foil
      ? []
      : [{ id: 'foil', name: say('compare.under-foil'), plan: { ...plan, foil: true } }]),
  ];
}

/** How two ways differ, for the cook. */
export function differenceInWords(mine: Forecast, other: Forecast): string {
  const [a, b] = [mine.verdict, other.verdict];
  if (b.kind === 'no-window')
    return a.kind === 'no-window' ? say('compare.no-window-either') : say('compare.no-window');
  if (a.kind === 'no-window') return say('compare.opens-a-window');
  const laterMin = Math.round((b.best.timeS - a.best.timeS) / 60);
  const widthS = (of: typeof a) => of.latest.timeS - of.earliest.timeS;
  const wider = widthS(b) / Math.max(1, widthS(a));
  const time =
    laterMin === 0
      ? say('compare.as-quick')
      : say('compare.min-2', {
          laterMin: Math.abs(laterMin),
          way: laterMin > 0 ? 'later' : 'earlier',
        });
  const width =
    a.latestIsLimit !== b.latestIsLimit
      ? say(a.latestIsLimit ? 'compare.can-wait-longer' : 'compare.can-wait-less')
      : !a.latestIsLimit || (wider > 0.85 && wider < 1.18)
        ? say('compare.as-forgiving')
        : wider >= 1
          ? say('compare.times-the-window', { wider: wider.toFixed(1) })
          : say('compare.of-the-window', { wider: Math.round(wider * 100) });
  return `${time}, ${width}`;
}

/** The middle of a forecast over time. */
export const centreOf = (of: Forecast): readonly (readonly [number, number])[] =>
  of.frames.map((frame) => [frame.timeS, frame.probeC.centre] as const);
