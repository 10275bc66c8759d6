import { liningDeficitK } from './enclosure';
import type { OvenKind } from './kinds';

/** Signs a cook turns the oven on by, instead of a minute. */
export const SIGNS = ['rim-set', 'half-set', 'shell-golden', 'top-colours'] as const;
export type Sign = (typeof SIGNS)[number];

/** What is done to the oven while something is in it. */
export interface OvenStep {
  /** Minutes since it went in; what is foreseen for it where a sign is waited for. */
  readonly atMin: number;
  /** The sign that is waited for. */
  readonly on?: Sign | undefined;
  /** Set anew, °C; or switched off, with the door shut or ajar. */
  readonly to: number | 'off-shut' | 'off-ajar';
}

/** The door opened wide for a look, a turn, a kettle of water. */
export interface DoorOpening {
  readonly atMin: number;
  readonly forS: number;
}

/** How an oven is used over a bake; all of it optional: the plain case is a hot, steady oven. */
export interface OvenProgramme {
  /** In order of time. */
  readonly steps?: readonly OvenStep[];
  readonly doors?: readonly DoorOpening[];
  /** What it really stands at when the bake goes in; what it is set to, when not said. */
  readonly entersAtC?: number;
  /** How far the thermostat lets it swing to either side, K. */
  readonly swingK?: number;
  /** Minutes since it went in at which a foil is laid loosely over the top. */
  readonly foilAtMin?: number;
}

/** What stands in the oven, as its heater feels it. */
export interface OvenLoad {
  readonly vessels: number;
  /** Outside of one vessel, m², and what warms it by 1 K, J. */
  readonly areaM2: number;
  readonly heatJK: number;
  readonly startC: number;
}

export interface OvenBody {
  /** What warms lining, racks and the inner part of the insulation by 1 K, J. */
  readonly heatJK: number;
  readonly powerW: number;
  /** Through the closed walls, W/K. */
  readonly lossWK: number;
  /** How long the air takes to be as warm as the walls again once the door is shut, s. */
  readonly airLagS: number;
}

/**
 * Ovens as bodies of their own heat. A domestic one of 2.5 kW reaches 180 °C in 15 to 20 min and is
 * heating for a third of the time once there; a stone deck takes an hour. All from memory, listed as
 * calibrated in docs/model.md.
 */
export const BODIES: Readonly<Record<OvenKind, OvenBody>> = {
  still: { heatJK: 15_000, powerW: 2500, lossWK: 4.5, airLagS: 60 },
  fan: { heatJK: 15_000, powerW: 2800, lossWK: 4.5, airLagS: 30 },
  deck: { heatJK: 150_000, powerW: 6000, lossWK: 12, airLagS: 60 },
};

/** The loss with the door ajar and wide open, as a multiple of that with it shut. From memory. */
export const AJAR = 4;
const WIDE = 10;
/** Share of the air's excess over the room that stays in an oven whose door stands open. From memory. */
const AIR_LEFT = 0.35;
/** Heat to what stands in it, W/(m² K), by convection and radiation, for the sag only. From memory. */
const LOAD_WM2K = 15;
/** Of that, what the lining radiates. From memory. */
const RADIATED = 0.6;
/** A wet load warms no further than this while it bakes, °C. Common practice: a custard's end. */
const LOAD_TOP_C = 85;
/** A thermostat's round, s. From memory: three to five minutes. */
const SWING_PERIOD_S = 240;

/** The lining of an oven that is hot and steady with little in it, °C. */
export const liningAtRestC = (kind: OvenKind, airC: number, roomC: number): number =>
  airC - liningDeficitK(kind, BODIES[kind].lossWK * (airC - roomC));

const TICK_S = 5;

/** Air and walls of an oven over a time. */
export interface OvenStretch {
  readonly untilS: number;
  readonly airC: number;
  readonly wallsC: number;
}

/** How far air or walls may stray from the mean of a stretch, K: far less than an oven is known to. */
const STRAY_K = 2.5;
const SHORTEST_STRETCH_S = 30;

/** A state of the oven as it is followed. */
interface OvenNow {
  readonly airC: number;
  readonly wallsC: number;
}

/** Follows the oven tick by tick from when the bake goes in. */
function follow(
  kind: OvenKind,
  setC: number,
  offsetK: number,
  roomC: number,
  programme: OvenProgramme,
  load: OvenLoad | undefined,
  untilS: number,
): OvenNow[] {
  const body = BODIES[kind];
  const { steps = [], doors = [], swingK = 0 } = programme;
  let wallsC = (programme.entersAtC ?? setC) + (programme.entersAtC === undefined ? offsetK : 0);
  let loadC = load?.startC ?? 0;
  let deficitK = 0;
  const states: OvenNow[] = [];
  for (let timeS = 0; timeS < untilS; timeS += TICK_S) {
    const step = steps.filter(({ atMin }) => atMin * 60 <= timeS).at(-1);
    const to = step ? step.to : setC;
    const open = doors.some(({ atMin, forS }) => timeS >= atMin * 60 && timeS < atMin * 60 + forS);
    deficitK = open
      ? (1 - AIR_LEFT) * (wallsC - roomC)
      : deficitK * Math.exp(-TICK_S / body.airLagS);
    // A thermostat holds the mean: the swing rides on it, as long as it is on.
    const swing =
      typeof to === 'number' ? swingK * Math.sin((2 * Math.PI * timeS) / SWING_PERIOD_S) : 0;
    const wantedC = typeof to === 'number' ? to + offsetK : -Infinity;
    const loss = body.lossWK * (open ? WIDE : to === 'off-ajar' ? AJAR : 1) * (wallsC - roomC);
    const toLoadW = load ? load.vessels * load.areaM2 * LOAD_WM2K * (wallsC - loadC) : 0;
    if (load) {
      loadC = Math.min(LOAD_TOP_C, loadC + (TICK_S * toLoadW) / (load.vessels * load.heatJK));
    }
    const neededW = ((wantedC - wallsC) * body.heatJK) / TICK_S + loss + toLoadW;
    const heaterW = Math.min(body.powerW, Math.max(0, neededW));
    // What the lining loses and radiates, it has from the heater and, the rest, from the air.
    const cooler = liningDeficitK(kind, Math.min(heaterW, loss + RADIATED * toLoadW));
    states.push({ airC: wallsC + swing - deficitK, wallsC: wallsC + swing - cooler });
    wallsC += (TICK_S * (heaterW - loss - toLoadW)) / body.heatJK;
  }
  return states;
}

/**
 * An oven over a bake as stretches of steady air and walls, in s since the bake went in: what it is
 * set to step by step, how its body and heater follow, what an open door and a cold load do to it.
 * A hot oven with little in it comes out as one stretch. `untilS` over 0; the last stretch ends there
 * and is meant to go on. Lumped body with a heater of limited power: from memory; docs/model.md.
 */
export function ovenStretches(
  kind: OvenKind,
  setC: number,
  offsetK: number,
  roomC: number,
  programme: OvenProgramme,
  load: OvenLoad | undefined,
  untilS: number,
): OvenStretch[] {
  const states = follow(kind, setC, offsetK, roomC, programme, load, untilS);
  const stretches: OvenStretch[] = [];
  let [airSum, wallsSum, count] = [0, 0, 0];
  let [airLeast, airMost, wallsLeast, wallsMost] = [Infinity, -Infinity, Infinity, -Infinity];
  const close = (untilS: number) => {
    stretches.push({ untilS, airC: airSum / count, wallsC: wallsSum / count });
    [airSum, wallsSum, count] = [0, 0, 0];
    [airLeast, airMost, wallsLeast, wallsMost] = [Infinity, -Infinity, Infinity, -Infinity];
  };
  states.forEach(({ airC, wallsC }, index) => {
    const strays =
      Math.max(airMost, airC) - Math.min(airLeast, airC) > 2 * STRAY_K ||
      Math.max(wallsMost, wallsC) - Math.min(wallsLeast, wallsC) > 2 * STRAY_K;
    if (strays && count * TICK_S >= SHORTEST_STRETCH_S) close(index * TICK_S);
    airSum += airC;
    wallsSum += wallsC;
    count += 1;
    [airLeast, airMost] = [Math.min(airLeast, airC), Math.max(airMost, airC)];
    [wallsLeast, wallsMost] = [Math.min(wallsLeast, wallsC), Math.max(wallsMost, wallsC)];
  });
  close(untilS);
  return stretches;
}
