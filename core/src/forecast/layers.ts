import { reactionsOf, SETTING } from '../doneness';
import { analyse, type Analysis, type Line, type PartKind, type ShellKind } from '../formula';
import type { EggGrade } from '../ingredients';
import type { FindIngredient } from '../ingredients/catalogue';
import { bakesOf, judgePart, type Bakes } from '../setting';
import type { Room } from '../shell';
import {
  advanceExtent,
  exposureFrom,
  finalOver,
  rateAt,
  type CupLayer,
  type Model,
  type Moment,
  type Reaction,
} from '../thermal';
import { areaAtMm2, depthOfMm } from '../vessel';
import { fillingMaterial } from '../materials';

/** What goes into the oven under or over the filling: fruit, nuts, caramel, a second filling, a topping. */
export interface PlannedLayer {
  readonly name: string;
  readonly kind: PartKind;
  readonly place: 'under' | 'over';
  readonly lines: readonly Line[];
  /** Of one vessel, mL. */
  readonly ml: number;
  /** A filling that goes in raw, so that this bake has to set it. */
  readonly raw: boolean;
}

/** One of them, as a layer of the cup. */
export interface LayerInCup {
  readonly laid: PlannedLayer;
  readonly thicknessMm: number;
  readonly layer: CupLayer;
  /** How the oven sets it, where it is raw. */
  readonly bakes: Bakes | undefined;
  readonly analysis: Analysis;
}

/** What is thinner is a wash or a seal, and not felt by the heat, mm. */
const THINNEST_MM = 0.2;

/** Under this the ice of a layer is a trifle, and following it in one thin cell would rule every step, mm. */
const FREEZES_FROM_MM = 1;

const cellsAcross = (thicknessMm: number): number =>
  thicknessMm < 2 ? 1 : Math.min(5, 1 + Math.round(thicknessMm / 2.5));

/** Raises the level by what lies under, and says how high it then stands, mm. Never over the vessel. */
export const levelOverMm = (room: Room, ml: number): number =>
  ml > 0 ? (depthOfMm(room, ml) ?? room.heightMm) : 0;

/**
 * The layers of what lies under the filling, from the filling down, and then over it, from the filling up.
 * Each is taken as level and of one kind throughout: pieces of fruit with filling between them are not. All
 * of it conducts only, and starts at `startC`; `depthMm` is where the filling's top stands.
 */
export function layersInCup(
  all: readonly PlannedLayer[],
  room: Room,
  depthMm: number,
  startC: number,
  context: {
    readonly grade: EggGrade;
    readonly find: FindIngredient;
    readonly shell: ShellKind;
    readonly airPressurePa: number;
  },
): LayerInCup[] {
  let underMl = 0;
  const made = all.map((laid): LayerInCup => {
    const analysis = analyse(laid.lines, context.grade, context.find, laid.kind);
    const under = laid.place === 'under';
    const belowMm = levelOverMm(room, underMl);
    if (under) underMl += laid.ml;
    const thicknessMm = under
      ? levelOverMm(room, underMl) - belowMm
      : (laid.ml * 1000) / areaAtMm2(room, depthMm);
    const thicknessM = thicknessMm / 1000;
    const { freezes, ...thin } = fillingMaterial(analysis, true, context.airPressurePa);
    return {
      laid,
      thicknessMm,
      analysis,
      bakes: laid.raw
        ? bakesOf(judgePart(analysis, laid.kind, context.shell), laid.kind, context.shell)
        : undefined,
      layer: {
        material: {
          ...thin,
          ...(freezes && thicknessMm >= FREEZES_FROM_MM ? { freezes } : {}),
          name: laid.name.slice(0, 50) || 'layer',
        },
        baseThicknessM: under ? thicknessM : 0,
        wallThicknessM: 0,
        overThicknessM: under ? 0 : thicknessM,
        cells: cellsAcross(thicknessMm),
        startC,
      },
    };
  });
  const felt = made.filter(({ thicknessMm }) => thicknessMm >= THINNEST_MM);
  return [
    ...felt.filter(({ laid }) => laid.place === 'under').reverse(),
    ...felt.filter(({ laid }) => laid.place === 'over'),
  ];
}

/** What becomes of a layer under or over the filling, at its coldest spot. */
export interface LayerForecast {
  readonly name: string;
  readonly kind: PartKind;
  readonly place: PlannedLayer['place'];
  /** Its coldest spot when the bake is pulled, °C. */
  readonly atPullC: number;
  /** Of what is raw: how far its slowest spot has set once all is over, 0 to 1, and where it sets, °C. */
  readonly set?: number;
  readonly setC?: number;
}

/** A raw layer has set from a set fraction of, at its slowest spot. Calibrated as a filling's middle is. */
export const LAYER_HOLDS = 0.7;

/** Follows a reaction along a history in some cells; the extent of the slowest of them at the end. */
function slowestExtent(reaction: Reaction, cells: readonly number[], history: readonly Moment[]) {
  return Math.min(
    ...cells.map((cell) => {
      let extent = 0;
      for (let index = 1; index < history.length; index += 1) {
        const [before, after] = [history[index - 1]!, history[index]!];
        const from = rateAt(reaction, before.temperatureC[cell]!);
        const to = rateAt(reaction, after.temperatureC[cell]!);
        extent = advanceExtent(
          extent,
          exposureFrom(from, to, after.timeS - before.timeS),
          finalOver(reaction, before.temperatureC[cell]!, after.temperatureC[cell]!),
        );
      }
      return extent;
    }),
  );
}

/** Reads off a history what became of each layer; `layers` are the first of the cup's, in their order. */
export function layerForecasts(
  { mesh }: Model,
  layers: readonly LayerInCup[],
  history: readonly Moment[],
  pulled: Moment,
): LayerForecast[] {
  return layers.map(({ laid, bakes }, index) => {
    const cells = [...mesh.layerOf.keys()].filter((cell) => mesh.layerOf[cell] === index);
    const atPullC = Math.min(...cells.map((cell) => pulled.temperatureC[cell]!));
    const { name, kind, place } = laid;
    const set = bakes
      ? {
          set: slowestExtent(reactionsOf(bakes)[SETTING]!, cells, history),
          setC: bakes.setC,
        }
      : {};
    return { name, kind, place, atPullC, ...set };
  });
}
