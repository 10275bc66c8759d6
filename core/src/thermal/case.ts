import type { Freezing, Quadratic } from '../properties';

/** A material by its properties as quadratics of temperature in °C. */
export interface Material {
  readonly name: string;
  readonly conductivityWmK: Quadratic;
  /** Density times heat capacity, J/(m³ K); the density is constant, so that cells keep their mass. */
  readonly heatCapacityJm3K: Quadratic;
  /** Given for a filling that is liquid until it gels. */
  readonly liquid?: Liquid;
  /** Where the water in it boils, °C; what does not boil when not said. */
  readonly boilsC?: number;
  /** Water that can boil off, kg/m³; never at an end when not said. */
  readonly waterKgM3?: number;
  /** What of it freezes; its other properties are those of it unfrozen. Nothing when not said. */
  readonly freezes?: Freezing;
}

/** A solid whose properties do not change: conductivity, W/(m K), and density times heat capacity, J/(m³ K). */
export const constantMaterial = (
  name: string,
  conductivityWmK: number,
  heatCapacityJm3K: number,
): Material => ({
  name,
  conductivityWmK: [conductivityWmK, 0, 0],
  heatCapacityJm3K: [heatCapacityJm3K, 0, 0],
});

/** What decides how a filling convects before it gels. */
export interface Liquid {
  readonly densityKgM3: number;
  readonly viscosityPaS: number;
  /** Volume expansion, 1/K. */
  readonly expansionPerK: number;
}

/**
 * A layer about the filling: round it, as the shell and then the tin or dish, or only under or over it, as
 * fruit, a second filling or a topping. 0 m where it is not; what is 0 at the wall lies inside of all that is not.
 */
export interface CupLayer {
  readonly material: Material;
  readonly baseThicknessM: number;
  /** Measured square to the wall. */
  readonly wallThicknessM: number;
  /** Over the filling; 0 when not said. */
  readonly overThicknessM?: number;
  /** Cells across the layer at resolution 1. */
  readonly cells: number;
  readonly startC: number;
}

/**
 * A round filling in nested layers, the innermost first; no layers is a bare cylinder. Depth and radii are those
 * of the filling itself.
 */
export interface Cup {
  readonly material: Material;
  readonly depthM: number;
  readonly bottomRadiusM: number;
  readonly topRadiusM: number;
  readonly startC: number;
  readonly layers: readonly CupLayer[];
}

/** Evaporation from the open filling. */
export interface Evaporation {
  /** Share of the rate of a fully wet surface before it has dried at all, 0 to 1. */
  readonly wetness: number;
  /**
   * Water lost by which the drying skin has halved the rate to {@link SKIN_READ_AT_KG_M2S}, kg/m²; what dries more
   * slowly keeps a moister skin.
   */
  readonly skinKgM2: number;
  /** Partial pressure of water vapour in the surrounding air. */
  readonly vapourPressurePa: number;
  readonly airPressurePa: number;
  /** Water activity of the surface, 0 to 1; 1 when not said. */
  readonly activity?: number;
  /**
   * Thermal resistance of the crust that dries, m² K/W for each kg/m² of water lost: evaporation goes on at its
   * underside, the oven meets its outside. No crust when not said.
   */
  readonly crustPerLoss?: number;
  /** Water that is lost before a crust begins, kg/m²; 0 when not said. */
  readonly crustFromKgM2?: number;
  /**
   * Mass transfer given outright, kg/(m² s Pa): the rate is then this times the difference of vapour
   * pressures, instead of following from convection.
   */
  readonly transferKgM2SPa?: number;
}

/** What one face of the cup meets. */
export interface Face {
  readonly convectionWm2K: number;
  readonly airC: number;
  /** 0 for no radiation. */
  readonly emissivity: number;
  readonly radiantC: number;
  /** Top face only. */
  readonly evaporation?: Evaporation;
}

/** Water of its own heat: what a pan holds, warmed by the oven and by nothing else. */
export interface OwnWater {
  readonly massKg: number;
  readonly startC: number;
  /** How many vessels like this one stand in it. */
  readonly vessels: number;
  /** Open water between them, and what it meets. */
  readonly surfaceM2: number;
  readonly surface: Face;
  /** The pan's outside up to the water, and what it meets. */
  readonly panM2: number;
  readonly pan: Face;
}

/** Water that stands round a cup, and under it. */
export interface Bath {
  /** Level above the underside of the cup, m; held for a stage. */
  readonly levelM: number;
  /** Between water and vessel, W/(m² K). */
  readonly convectionWm2K: number;
  /** Kept at a temperature, °C, or left to its own balance. */
  readonly water: { readonly fixedC: number } | OwnWater;
}

/** An oven's exchange of air with the room, by which the vapour in it follows what evaporates. */
export interface AirChange {
  /** Dry air that leaks through, kg/s. */
  readonly leakKgS: number;
  /** Vapour pressure of the room, and the most that the oven's air can hold, Pa. */
  readonly roomPa: number;
  readonly mostPa: number;
  /** Cups like this one that give off vapour. */
  readonly cups: number;
}

/** The surroundings of a cup, constant for a stage of the bake. */
export interface Surroundings {
  readonly top: Face;
  readonly side: Face;
  readonly base: Face;
  readonly bath?: Bath;
  /** Vapour follows evaporation and leakage; as each face says when not said. */
  readonly airChange?: AirChange;
}

/**
 * A first-order change in the filling, d(extent)/dt = k (final - extent), with
 * k = ratePerS × 10^((T - referenceC) / zK). Setting, curdling and lethality all have this form. `final` is what
 * a temperature can reach however long it is held; 1 at every temperature when not said.
 */
export interface Reaction {
  readonly ratePerS: number;
  readonly referenceC: number;
  readonly zK: number;
  readonly final?: FinalExtent;
}

/** The extent that a temperature reaches in the end: 1 / (1 + exp((halfC - T) / widthK)). */
export interface FinalExtent {
  readonly halfC: number;
  readonly widthK: number;
}
