import type { Component } from '../ingredients';

/**
 * A bake as plain numbers, complete enough for another solver: geometry, materials, start, boundaries
 * by face and by time, bath, reactions, probes. Units are in the names; shares are 0 to 1. Described
 * in docs/bake-case.md; the schema that reads one from a file is in `contract/formats`.
 */
export interface BakeCase {
  readonly format: 'hollow-moon/bake-case';
  readonly version: 1 | 2;
  readonly name: string;
  readonly note?: string | undefined;
  readonly materials: Readonly<Record<string, CaseMaterial>>;
  readonly geometry: {
    readonly filling: string;
    readonly depthM: number;
    readonly bottomRadiusM: number;
    readonly topRadiusM: number;
    /** From the filling outwards: under it, at its wall, over it; those without a wall come first. */
    readonly layers: readonly {
      readonly material: string;
      readonly baseThicknessM: number;
      readonly wallThicknessM: number;
      readonly overThicknessM: number;
    }[];
  };
  readonly start: { readonly fillingC: number; readonly layersC: readonly number[] };
  readonly stages: readonly CaseStage[];
  readonly reactions: readonly {
    readonly name: string;
    readonly ratePerS: number;
    readonly referenceC: number;
    readonly zK: number;
    readonly final?: { readonly halfC: number; readonly widthK: number } | undefined;
  }[];
  /** Heights are above the bottom of the filling. */
  readonly probes: readonly {
    readonly name: string;
    readonly radiusM: number;
    readonly heightM: number;
  }[];
  readonly outputTimesS: readonly number[];
  readonly solver: {
    readonly resolution: number;
    readonly toleranceK: number;
    readonly longestStepS: number;
  };
}

/** A constant, or c₀ + c₁ t + c₂ t² with t in °C. */
export type CaseQuadratic = number | readonly [number, number, number];

/** A material by its properties, or by its composition in mass shares. */
export type CaseMaterial = {
  readonly liquid?: { readonly viscosityPaS: number; readonly expansionPerK: number } | undefined;
  readonly boilsC?: number | undefined;
  readonly waterKgM3?: number | undefined;
  readonly freezes?: { readonly fromC: number; readonly waterKgM3: number } | undefined;
} & (
  | {
      readonly conductivityWmK: CaseQuadratic;
      readonly densityKgM3: number;
      readonly heatCapacityJkgK: CaseQuadratic;
    }
  | { readonly composition: Readonly<Partial<Record<Component, number>>> }
);

/** What one face of the bake sees: air by convection, walls by radiation, and what it dries at. */
export interface CaseFace {
  readonly convectionWm2K: number;
  readonly airC: number;
  readonly emissivity: number;
  readonly wallC?: number | undefined;
  readonly evaporation?:
    | {
        readonly activity: number;
        readonly vapourPressurePa: number;
        readonly airPressurePa: number;
        /** kg/(m² s Pa); without it the rate follows from convection by the Lewis analogy. */
        readonly transferKgM2SPa?: number | undefined;
        readonly wetness: number;
        readonly skinKgM2?: number | undefined;
        readonly crustPerLoss?: number | undefined;
        readonly crustFromKgM2?: number | undefined;
      }
    | undefined;
}

/** What surrounds the bake until a time. */
export interface CaseStage {
  readonly untilS: number;
  readonly top: CaseFace;
  readonly side: CaseFace;
  readonly base: CaseFace;
  readonly bath?:
    | {
        readonly levelM: number;
        readonly convectionWm2K: number;
        readonly water:
          | { readonly fixedC: number }
          | {
              readonly massKg: number;
              readonly startC: number;
              readonly vessels: number;
              readonly surfaceM2: number;
              readonly surface: CaseFace;
              readonly panM2: number;
              readonly pan: CaseFace;
            };
      }
    | undefined;
  readonly airChange?:
    | {
        readonly leakKgS: number;
        readonly roomPa: number;
        readonly mostPa: number;
        readonly cups: number;
      }
    | undefined;
}

/** What a case comes to. Extents are 0 to 1, by reaction, at each probe. */
export interface BakeCaseResult {
  readonly name: string;
  readonly timesS: readonly number[];
  readonly probes: readonly {
    readonly name: string;
    readonly temperatureC: readonly number[];
    readonly extents: Readonly<Record<string, readonly number[]>>;
  }[];
  /** By volume over the filling, at the last time. */
  readonly meanExtents: Readonly<Record<string, number>>;
  readonly bath: {
    /** `undefined` (in JSON: null) where there is no water of its own. */
    readonly temperatureC: readonly (number | undefined)[];
    readonly massKg: readonly (number | undefined)[];
  } | null;
  readonly energy: {
    readonly receivedJ: number;
    readonly storedJ: number;
    readonly evaporationJ: number;
    /** (received - stored) / received. */
    readonly residual: number;
  };
  readonly waterLostKg: number;
  readonly mesh: { readonly columns: number; readonly rows: number; readonly steps: number };
}
