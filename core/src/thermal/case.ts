import type { Quadratic } from '../properties';

/** A material by its properties as quadratics of temperature in °C. */
export interface Material {
  readonly name: string;
  readonly conductivityWmK: Quadratic;
  /** Density times heat capacity, J/(m³ K); the density is constant, so that cells keep their mass. */
  readonly heatCapacityJm3K: Quadratic;
  /** Given for a filling that is liquid until it gels. */
  readonly liquid?: Liquid;
}

/** What decides how a filling convects before it gels. */
export interface Liquid {
  readonly densityKgM3: number;
  readonly viscosityPaS: number;
  /** Volume expansion, 1/K. */
  readonly expansionPerK: number;
}

/** A layer around the filling, base and wall alike: the shell, then the tin or dish. */
export interface CupLayer {
  readonly material: Material;
  readonly baseThicknessM: number;
  /** Measured square to the wall. */
  readonly wallThicknessM: number;
  /** Cells across the layer at resolution 1. */
  readonly cells: number;
  readonly startC: number;
}

/** A round filling in nested layers, the innermost first; no layers is a bare cylinder. */
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
  /** Water lost by which the drying skin has halved the rate, kg/m². */
  readonly skinKgM2: number;
  /** Partial pressure of water vapour in the surrounding air. */
  readonly vapourPressurePa: number;
  readonly airPressurePa: number;
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

/** The surroundings of a cup, constant for a stage of the bake. */
export interface Surroundings {
  readonly top: Face;
  readonly side: Face;
  readonly base: Face;
}

/**
 * A first-order change in the filling, d(extent)/dt = k (1 - extent), with
 * k = ratePerS × 10^((T - referenceC) / zK). Setting, curdling and lethality all have this form.
 */
export interface Reaction {
  readonly ratePerS: number;
  readonly referenceC: number;
  readonly zK: number;
}
