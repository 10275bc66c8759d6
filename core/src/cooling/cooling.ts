import { fallsUnder, firstUnder } from './crossing';
import { finding, type Finding } from '../result';
import { runCourse, type Course, type Model, type Moment } from '../thermal';
import type { PartKind } from '../formula';

/**
 * Published limits for cooling cooked food: from 57 °C to 21 °C within 2 h, and to 5 °C within 6 h in
 * all. Source: FDA Food Code 2017, 3-501.14 (135 °F, 70 °F, 41 °F), from memory.
 */
export const COOLING_LIMITS = {
  fromC: 57,
  firstC: 21,
  firstWithinS: 2 * 3600,
  coldC: 5,
  coldWithinS: 6 * 3600,
} as const;

/** How long a cooling is followed, s. */
const FOLLOWED_S = 16 * 3600;

/**
 * Frozen through is what is this many times as far below 0 °C as its first ice: two thirds of its water is ice
 * then. From memory: it is hard to a knife.
 */
const THROUGH_TIMES = 3;

/** So near to the place it stands in it has cooled as far as it will, K. */
const NEAR_K = 0.4;

/** Whether a limit was kept; `undefined` where the food was not followed so far down. */
export interface CoolingForecast {
  /** Seconds since the pull with the hottest spot and the middle, °C. */
  readonly points: readonly (readonly [timeS: number, hottestC: number, centreC: number])[];
  /** Since the pull, s, when the hottest spot falls under each; `undefined` when it does not in 16 h. */
  readonly under: {
    readonly startS: number | undefined;
    readonly firstS: number | undefined;
    readonly coldS: number | undefined;
  };
  readonly keepsFirst: boolean;
  readonly keepsCold: boolean;
  /** Where some place is colder than its freezing point. */
  readonly freezing?: FreezingForecast;
  readonly ready: readonly Ready[];
}

/** What a freezer makes of it; times in s since the pull, `undefined` when they do not come in 16 h. */
export interface FreezingForecast {
  /** Where the first ice forms, °C. */
  readonly fromC: number;
  /** When it does, at the coldest spot. */
  readonly beginsS: number | undefined;
  /** When two thirds of the water that can freeze has, at the hottest spot. */
  readonly throughS: number | undefined;
}

/** When a next step may be taken. */
export interface Ready {
  readonly what: 'cover' | 'turn-out' | 'cut' | 'torch';
  /** Since the pull, s; `undefined` when this way of cooling does not get there in 16 h. */
  readonly atS: number | undefined;
  readonly because: Finding;
}

/** What has to be waited for, by family: degrees in the middle and hours since the pull. */
interface CutRule {
  readonly underC: number;
  readonly hours: number;
  readonly because: Finding;
}

/**
 * Before cutting: purée pie 1 h, nut pie 2 h, pots and starch pies 4 h, cheese overnight (common
 * practice); the temperatures from memory.
 */
const CUT: Readonly<Partial<Record<PartKind, CutRule>>> = {
  'puree-custard': { underC: 40, hours: 1, because: finding('cooling.cut-puree') },
  'syrup-nut': { underC: 35, hours: 2, because: finding('cooling.cut-syrup-nut') },
  'fruit-filling': { underC: 35, hours: 2, because: finding('cooling.cut-fruit') },
  'nut-cream': { underC: 40, hours: 0.5, because: finding('cooling.cut-nut-cream') },
  'batter-custard': { underC: 45, hours: 0.5, because: finding('cooling.cut-batter') },
  'fresh-cheese': { underC: 8, hours: 10, because: finding('cooling.cut-cheese') },
};
const CUT_CUSTARD: CutRule = { underC: 15, hours: 2, because: finding('cooling.cut-custard') };
const CUT_POT: CutRule = { underC: 8, hours: 4, because: finding('cooling.cut-pot') };

/** Covered sooner, its steam drips back: this much over the room. From memory. */
const COVER_OVER_ROOM_K = 10;
const TORCH_UNDER_C = 8;
const TURN_OUT_WARM_S = 20 * 60;

/** The hottest or coldest of the filling at a moment, °C. */
const extremeIn =
  ({ mesh }: Model, pick: (a: number, b: number) => number) =>
  ({ temperatureC }: Moment): number => {
    const { fillColumns, fillRows, baseRows, rows } = mesh;
    let found = temperatureC[baseRows]!;
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = baseRows; row < baseRows + fillRows; row += 1) {
        found = pick(found, temperatureC[column * rows + row]!);
      }
    }
    return found;
  };

/** What is cooled: what it is of, whether in a shell, in what room. */
interface Cooled {
  readonly family: PartKind;
  readonly shell: boolean;
  readonly roomC: number;
}

const noSooner = (timeS: number | undefined, leastS: number): number | undefined =>
  timeS === undefined ? undefined : Math.max(timeS, leastS);

/** When it may be covered and cut, and a pot turned out and torched. */
function readyAt(points: CoolingForecast['points'], { family, shell, roomC }: Cooled): Ready[] {
  const cut = CUT[family] ?? (shell ? CUT_CUSTARD : CUT_POT);
  return [
    {
      what: 'cover',
      atS: fallsUnder(points, 1, roomC + COVER_OVER_ROOM_K),
      because: finding('cooling.cover'),
    },
    {
      what: 'cut',
      atS: noSooner(fallsUnder(points, 2, cut.underC), cut.hours * 3600),
      because: cut.because,
    },
    ...(!shell && family === 'baked-custard'
      ? ([
          { what: 'turn-out', atS: TURN_OUT_WARM_S, because: finding('cooling.turn-out') },
          {
            what: 'torch',
            atS: noSooner(fallsUnder(points, 1, TORCH_UNDER_C), 4 * 3600),
            because: finding('cooling.torch'),
          },
        ] as const)
      : []),
  ];
}

/**
 * Follows a pulled bake along the way it is cooled, for up to 16 h, against the published limits and
 * to when it may be covered, cut, turned out and torched. `pulled` at the moment of the pull, `out` on
 * its clock.
 */
export function coolingOf(
  model: Model,
  pulled: Moment,
  out: Course,
  centreOf: (moment: Moment) => number,
  of: Cooled,
): CoolingForecast {
  const hottest = extremeIn(model, Math.max);
  const coldest = extremeIn(model, Math.min);
  const { top, bath } = out[out.length - 1]!.around;
  // The last place's air, or its ice water; only there is nothing more to learn.
  const lastC = bath && 'fixedC' in bath.water ? bath.water.fixedC : top.airC;
  const iceFromC = model.cup.material.freezes?.fromC ?? -Infinity;
  const enoughC = Math.max(
    lastC < iceFromC ? THROUGH_TIMES * iceFromC - 0.2 : COOLING_LIMITS.coldC - 0.2,
    lastC + NEAR_K,
  );
  const moments = runCourse(model, pulled, out, pulled.timeS + FOLLOWED_S, {
    toleranceK: 4,
    longestStepS: 1800,
    firstStepS: 5,
    enough: (moment) => hottest(moment) < enoughC,
  });
  const followed = [pulled, ...moments];
  const points = followed.map(
    (moment) => [moment.timeS - pulled.timeS, hottest(moment), centreOf(moment)] as const,
  );
  const freezes = out.some(({ around }) => around.top.airC < iceFromC);
  const startS = fallsUnder(points, 1, COOLING_LIMITS.fromC);
  const firstS = fallsUnder(points, 1, COOLING_LIMITS.firstC);
  const coldS = fallsUnder(points, 1, COOLING_LIMITS.coldC);
  const since = (timeS: number | undefined) =>
    timeS === undefined || startS === undefined ? Infinity : timeS - startS;
  return {
    points,
    under: { startS, firstS, coldS },
    keepsFirst: since(firstS) <= COOLING_LIMITS.firstWithinS,
    keepsCold: since(coldS) <= COOLING_LIMITS.coldWithinS,
    ...(freezes
      ? {
          freezing: {
            fromC: iceFromC,
            beginsS: firstUnder(
              followed.map((moment) => [moment.timeS - pulled.timeS, coldest(moment)] as const),
              iceFromC,
            ),
            throughS: fallsUnder(points, 1, THROUGH_TIMES * iceFromC),
          },
        }
      : {}),
    ready: readyAt(points, of),
  };
}
