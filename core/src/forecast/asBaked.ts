import type { DoorOpening, OvenProgramme, OvenStep } from '../oven';
import type { ForecastPlan } from './plan';

/** What was done to a bake while it was in the oven, s since it went in. */
export type Deed = { readonly atS: number } & (
  | {
      /** Set anew, °C; of a planned step, by its place in the plan, or besides what was planned. */
      readonly kind: 'oven';
      readonly celsius: number;
      readonly step?: number | undefined;
    }
  | {
      readonly kind: 'oven-off';
      readonly door: 'shut' | 'ajar';
      readonly step?: number | undefined;
    }
  | { readonly kind: 'door'; readonly forS: number }
  /** Turned round, or its place changed with another. */
  | { readonly kind: 'turned' }
  /** So many of several vessels were taken out. */
  | { readonly kind: 'out'; readonly vessels: number }
  | { readonly kind: 'foil' }
  /** What the oven stood at when the bake went in. */
  | { readonly kind: 'stood'; readonly celsius: number }
);

/** A vessel is turned or taken out through an open door for so long, s. Common practice. */
const HANDLED_S = 20;

type Turned = Extract<Deed, { readonly kind: 'oven' | 'oven-off' }>;

const isTurn = (deed: Deed): deed is Turned => deed.kind === 'oven' || deed.kind === 'oven-off';

const stepOf = (deed: Turned): OvenStep => ({
  atMin: deed.atS / 60,
  to: deed.kind === 'oven' ? deed.celsius : `off-${deed.door}`,
});

/** The oven's steps with those that were really made in their places, in order of time; of two at one moment the last holds. */
function stepsAsMade(planned: readonly OvenStep[], turns: readonly Turned[]): OvenStep[] {
  const made = new Set(turns.flatMap(({ step }) => (step === undefined ? [] : [step])));
  const rest = planned.filter((_, index) => !made.has(index));
  const all = [...rest, ...turns.map(stepOf)];
  return all
    .filter(
      ({ atMin }, index) =>
        !all.some((later, after) => after > index && !later.on && later.atMin === atMin),
    )
    .sort((a, b) => a.atMin - b.atMin);
}

const doorOf = (deed: Deed): DoorOpening[] => {
  if (deed.kind === 'door') return [{ atMin: deed.atS / 60, forS: deed.forS }];
  return deed.kind === 'turned' || deed.kind === 'out'
    ? [{ atMin: deed.atS / 60, forS: HANDLED_S }]
    : [];
};

/**
 * A plan as it was really baked: the oven turned when it was turned, the door opened as often as it was, a foil from when
 * it was laid, and the oven as hot as it stood. What is planned for later stays planned. A step that was made is meant by
 * its place in the plan; a place that the plan does not have throws.
 */
export function asBaked(plan: ForecastPlan, deeds: readonly Deed[]): ForecastPlan {
  if (deeds.length === 0) return plan;
  const { steps = [], doors = [], ...rest } = plan.programme ?? {};
  const turns = deeds.filter(isTurn);
  const unknown = turns.find(({ step }) => step !== undefined && !(step in steps));
  if (unknown) throw new RangeError(`the plan has no step ${unknown.step}`);
  const stood = deeds.findLast((deed) => deed.kind === 'stood');
  const foil = deeds.find((deed) => deed.kind === 'foil');
  const opened = [...doors, ...deeds.flatMap(doorOf)].sort((a, b) => a.atMin - b.atMin);
  const made = stepsAsMade(steps, turns);
  const programme: OvenProgramme = {
    ...rest,
    ...(made.length > 0 ? { steps: made } : {}),
    ...(opened.length > 0 ? { doors: opened } : {}),
    ...(stood ? { entersAtC: stood.celsius } : {}),
    ...(foil ? { foilAtMin: foil.atS / 60 } : {}),
  };
  return { ...plan, programme };
}

/** What a plan's oven is set to at a time, °C; `undefined` where it is off. A sign is taken to come when it is foreseen. */
export function settingAt({ setC, programme }: ForecastPlan, atS: number): number | undefined {
  const last = (programme?.steps ?? []).filter(({ atMin }) => atMin * 60 <= atS).at(-1);
  const to = last ? last.to : setC;
  return typeof to === 'number' ? to : undefined;
}
