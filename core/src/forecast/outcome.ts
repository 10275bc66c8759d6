import type { Finding } from '../result';
import type { Bakes } from '../setting';
import type { Shade } from '../browning';
import type { NoWindow, Rings, Wobble } from '../doneness';
import type { BathForecast, OvenStep } from '../oven';
import type { CoolingForecast } from '../cooling';
import type { LayerForecast } from './layers';
import type { Level } from '../shell';
import type { Safety } from '../safety';

/** Places whose histories are reported, all at half depth. */
export const PROBE_PLACES = { rim: 0.9, halfRadius: 0.5, centre: 0 } as const;

export type ProbeName = keyof typeof PROBE_PLACES;

/** One moment of a forecast, ready to be drawn. */
export interface Frame {
  readonly timeS: number;
  readonly inOven: boolean;
  readonly probeC: Readonly<Record<ProbeName, number>>;
  readonly wobble: Wobble;
  readonly rings: Rings;
  /** Of the bath, while it stands in one that has not run dry. */
  readonly waterC?: number;
  /** Depth of the filling while not all of it is in, m. */
  readonly levelM?: number;
  /** Colour of the shell's upper edge, L of L*a*b*. */
  readonly rimLightness?: number;
  /** Air round it: the oven's, then the room's or the fridge's. */
  readonly airC: number;
  /** The base of a shell half-way out: under the filling and on the tin, °C. */
  readonly baseC?: readonly [inside: number, outside: number];
}

/** Where the cells lie, for drawing a field over the filling and its shell. */
export interface FieldShape {
  readonly columns: number;
  readonly rows: number;
  readonly fillColumns: number;
  readonly fillRows: number;
  readonly baseRows: number;
  /** By cell (column × rows + row), m. */
  readonly radiusM: Float32Array;
  /** By row, m above the bottom of the filling. */
  readonly heightM: Float32Array;
  readonly fill: {
    readonly bottomRadiusM: number;
    readonly topRadiusM: number;
    readonly depthM: number;
  };
  readonly shellThicknessM: number;
  /** What lies under the filling, from it down, and over it, from it up. */
  readonly under: readonly LayerShape[];
  readonly over: readonly LayerShape[];
}

export interface LayerShape {
  readonly name: string;
  readonly thicknessM: number;
}

/** What a cook meets when pulling at a given time. */
export interface Pull {
  readonly timeS: number;
  readonly probeC: number;
  readonly peakC: number;
  readonly peakAfterS: number;
  readonly wobble: Wobble;
  /** What a knife shows that is put into the middle. */
  readonly knife: Knife;
}

export const KNIVES = ['wet', 'smeared', 'clean'] as const;
export type Knife = (typeof KNIVES)[number];

/** The open surface when it is pulled, half-way out. */
export interface TopForecast {
  /** As a pale dough browns; a custard's sugars and milk do not brown sooner. */
  readonly shade: Shade;
  readonly surfaceC: number;
  /** Water that has left it, kg/m²: what its skin is made by. */
  readonly driedKgM2: number;
}

export type ForecastVerdict =
  | {
      readonly kind: 'window';
      readonly earliest: Pull;
      readonly best: Pull;
      readonly latest: Pull;
      /** False when nothing was found to go wrong within the time looked at. */
      readonly latestIsLimit: boolean;
    }
  | (NoWindow & { readonly says: Finding });

export interface Forecast {
  /** How the filling stands in its vessel, and how it was meant to. */
  readonly level: Level;
  readonly verdict: ForecastVerdict;
  /** Where the drawn history leaves the oven: the pull chosen, or the least bad one. */
  readonly pullS: number;
  readonly setC: number;
  readonly curdleC: number | undefined;
  /** What heat past `curdleC` does to it: curdles, weeps, turns grainy. */
  readonly spoils: Bakes['spoils'];
  readonly frames: readonly Frame[];
  /** What the probes would show if it were left in the oven for half an hour past the drawn pull; empty in a brief one. */
  readonly stays: readonly Pick<Frame, 'timeS' | 'probeC' | 'wobble'>[];
  readonly field: FieldShape;
  /** By frame, temperatures by cell, °C; all of them views of one buffer, so that it passes between threads at once. */
  readonly temperatureC: readonly Float32Array[];
  /**
   * By frame, how far each cell of the filling (column × fillRows + row) has set, 0 to 1; as `temperatureC`, empty in a
   * brief one.
   */
  readonly setExtent: readonly Float32Array[];
  /** The same of curdling; empty where nothing curdles. */
  readonly curdledExtent: readonly Float32Array[];
  /** What is done to the oven, each sign with the minute at which it is foreseen. */
  readonly steps: readonly OvenStep[];
  /** What becomes of what lies under and over the filling. */
  readonly laid: readonly LayerForecast[];
  /** How far it has puffed over its level at the pull, mm; it falls back as it cools. */
  readonly riseMm: number;
  /** Less than 0 where a cold filling takes up steam. */
  readonly waterLostG: number;
  readonly bath?: BathForecast;
  /** The hours after the drawn pull, where they were asked for. */
  readonly cooling?: CoolingForecast;
  readonly safety: Safety;
  readonly top: TopForecast;
  /** (heat received - heat stored) / heat received. */
  readonly energyResidual: number;
  readonly cautions: readonly Finding[];
}
