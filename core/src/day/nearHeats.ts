import type { OvenNeed } from '../work';
import type { Session } from './session';

/**
 * Bakes whose settings differ by no more than this are put into one oven by many cooks, K: 10 °C, or one step of a dial in °F
 * (25 °F are 13.9 K). Common practice; whether it does for the two of them is for their forecasts to say.
 */
export const NEAR_K = 14;

/** A bake that could go in at the heat of others, as its oven is for them. */
export interface NearHeat {
  readonly bake: string;
  readonly fromC: number;
  readonly toC: number;
  /** Bakes with something in that oven at that heat. */
  readonly beside: readonly string[];
}

/** What a programme of one heat is besides that heat, which it ends with. */
const besidesHeat = ({ programme, setC }: OvenNeed): string =>
  programme.slice(0, -`${Math.round(setC)}`.length);

/**
 * The bakes of a session whose setting is near that of something else that was forecast in the same oven, used in the same
 * way, with each such setting, the nearest first. What is turned on its way, or held in the oven after it, is not among
 * them: its heat is more than one figure.
 */
export function nearHeats({ wanted }: Pick<Session, 'wanted'>): NearHeat[] {
  const needs = wanted.flatMap(({ id, work }) =>
    work.tasks.flatMap(({ verb, oven }) =>
      oven && !oven.staged ? [{ bake: id, verb, need: oven }] : [],
    ),
  );
  const near = new Map<string, NearHeat>();
  for (const { bake, need } of needs.filter(({ verb }) => verb === 'bake')) {
    for (const other of needs) {
      const apartK = Math.abs(other.need.setC - need.setC);
      const alike =
        other.need.ovenId === need.ovenId && besidesHeat(other.need) === besidesHeat(need);
      if (other.bake === bake || !alike || apartK === 0 || apartK > NEAR_K) continue;
      const toC = other.need.setC;
      const key = `${bake}>${toC}`;
      const known = near.get(key);
      near.set(key, {
        bake,
        fromC: need.setC,
        toC,
        beside: [...new Set([...(known?.beside ?? []), other.bake])],
      });
    }
  }
  return [...near.values()].sort((a, b) => Math.abs(a.toC - a.fromC) - Math.abs(b.toC - b.fromC));
}
