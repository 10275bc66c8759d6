import { leavesAt, browningRatePerS, browningTo } from '../browning';
import type { Colours } from '../doneness';
import type { Bakes } from '../setting';
import type { Mesh, Model, Moment } from '../thermal';
import { crustFromKgM2, type Drying } from '../materials';

/** How the open surface of a bake takes colour. */
export interface Colouring {
  /** As fast as a dough's, or so many times faster. */
  readonly browns: number;
  readonly drying: Drying;
}

/** Water activity of a crust that has dried but still passes steam. From memory. */
const CRUST_ACTIVITY = 0.3;

/** Browning so far of the open surface along a history, half-way out, by moment; 0 at the first. */
export function topBrowningAlong(
  mesh: Pick<Mesh, 'fillColumns'>,
  { browns, drying }: Colouring,
  history: readonly Moment[],
): number[] {
  const celsius = topHalfwayC(mesh);
  const crustAtKgM2 = crustFromKgM2(drying);
  const column = Math.floor(mesh.fillColumns / 2);
  const rate = (moment: Moment): number =>
    browningRatePerS(
      celsius(moment),
      moment.driedKgM2[column]! > crustAtKgM2 ? CRUST_ACTIVITY : drying.activity,
    );
  let extent = 0;
  return history.map((moment, index) => {
    const before = history[index - 1];
    if (before) {
      extent += (browns * (moment.timeS - before.timeS) * (rate(before) + rate(moment))) / 2;
    }
    return extent;
  });
}

/** The open surface half-way out, °C. */
export const topHalfwayC =
  ({ fillColumns }: Pick<Mesh, 'fillColumns'>) =>
  ({ surfaceC }: Moment): number =>
    surfaceC[Math.floor(fillColumns / 2)]!;

/** Where a top passes into golden, and out of hazelnut into dark. */
const GOLDEN = browningTo(leavesAt('straw'));
const DARK = browningTo(leavesAt('hazelnut'));

/** Follows the colour of a bake's top, its moments in order. */
export interface TopFollower {
  /** Whether it is as golden as is asked of this bake, at the latest moment. */
  readonly goldenBy: (moment: Moment) => boolean;
  /** When it turned so; not within what was followed, where it is not said. */
  readonly colours: () => Colours;
}

/** A follower for a bake; of what is not baked to colour nothing is asked. */
export function topFollower({
  model,
  colouring,
  bakes,
}: {
  readonly model: Model;
  readonly colouring: Colouring;
  readonly bakes: Bakes;
}): TopFollower {
  let brown = 0;
  let before: Moment | undefined;
  const reached: { goldenS?: number; darkS?: number } = {};
  const look = (moment: Moment): void => {
    if (before) {
      const since = before;
      const grown = topBrowningAlong(model.mesh, colouring, [since, moment]).at(-1)!;
      const when = (level: number): number =>
        since.timeS + ((level - brown) / grown) * (moment.timeS - since.timeS);
      if (brown < GOLDEN && brown + grown >= GOLDEN) reached.goldenS = when(GOLDEN);
      if (brown < DARK && brown + grown >= DARK) reached.darkS = when(DARK);
      brown += grown;
    }
    before = moment;
  };
  return {
    goldenBy: (moment) => {
      look(moment);
      return !bakes.toGold || reached.goldenS !== undefined;
    },
    colours: () => reached,
  };
}
