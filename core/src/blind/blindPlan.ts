import type { DoughMix } from '../dough';
import type { OvenKind } from '../oven';
import { onDialC, type DialMarks } from '../units';
import { fail, succeed, type Result } from '../result';
import type { VesselMaterial } from '../vessel';
import type { TargetShade } from '../browning';

export const WEIGHTS = ['ceramic', 'beans', 'rice', 'sugar', 'none'] as const;
export type Weights = (typeof WEIGHTS)[number];

/** How cold the lined tin goes in, °C. Common practice. */
export const LINED_STARTS = { frozen: -18, chilled: 4, room: 20 } as const;
export type LinedStart = keyof typeof LINED_STARTS;

/** A stretch of a blind bake. */
export interface BlindStage {
  readonly minutes: number;
  readonly setC: number;
  /** Weights in. */
  readonly weighted: boolean;
  /** Lifted out of the ring: the wall bakes from outside too. */
  readonly outOfRing: boolean;
}

/** How an empty shell is baked: everything its forecast depends on. */
export interface BlindPlan {
  readonly dough: DoughMix;
  readonly thicknessMm: number;
  readonly material: VesselMaterial;
  /** Depth of the weights over the base, mm: to the rim. */
  readonly weightsMm: number;
  readonly weights: Weights;
  readonly docked: boolean;
  readonly start: LinedStart;
  /** Rest of the lined tin, min. */
  readonly restMin: number;
  readonly stages: readonly BlindStage[];
  readonly target: TargetShade;
  readonly oven: { readonly kind: OvenKind; readonly offsetK: number };
  readonly roomC: number;
  readonly altitudeM: number;
  readonly wallHeightMm: number;
  /** Inside of the tin that is lined, mm²: base and wall. */
  readonly baseMm2: number;
  readonly wallMm2: number;
}

export const SCHOOL_IDS = [
  'weights-then-bare',
  'weights-to-the-end',
  'very-hot',
  'gentle',
  'out-of-the-ring',
  'docked',
] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** A way of baking blind that cooks hold to. Minutes and degrees are common practice. */
export interface BlindSchool {
  readonly id: SchoolId;
  readonly weights: Weights;
  readonly docked: boolean;
  readonly stages: readonly BlindStage[];
}

const stage = (
  minutes: number,
  setC: number,
  weighted: boolean,
  outOfRing = false,
): BlindStage => ({ minutes, setC, weighted, outOfRing });

/** Stages at the settings nearest to theirs, °C, that a dial has. */
export const stagesOnDial = <S extends { readonly setC: number }>(
  stages: readonly S[],
  marks: DialMarks,
): S[] => stages.map((each) => ({ ...each, setC: onDialC(each.setC, marks) }));

export const BLIND_SCHOOLS: readonly BlindSchool[] = [
  {
    id: 'weights-then-bare',
    weights: 'ceramic',
    docked: false,
    stages: [stage(20, 190, true), stage(15, 190, false)],
  },
  {
    id: 'weights-to-the-end',
    weights: 'ceramic',
    docked: false,
    stages: [stage(30, 190, true)],
  },
  {
    id: 'very-hot',
    weights: 'ceramic',
    docked: false,
    stages: [stage(15, 230, true), stage(10, 175, false)],
  },
  {
    id: 'gentle',
    weights: 'ceramic',
    docked: false,
    stages: [stage(25, 165, true), stage(25, 165, false)],
  },
  {
    id: 'out-of-the-ring',
    weights: 'ceramic',
    docked: false,
    stages: [stage(20, 185, true), stage(15, 170, false, true)],
  },
  {
    id: 'docked',
    weights: 'none',
    docked: true,
    stages: [stage(22, 180, false)],
  },
];

/** Limits of what is baked blind. */
export const BLIND_LIMITS = {
  minutes: { least: 1, most: 120 },
  setC: { least: 100, most: 280 },
  thicknessMm: { least: 1, most: 10 },
  stages: { least: 1, most: 6 },
} as const;

const outside = (value: number, limits: { readonly least: number; readonly most: number }) =>
  !(value >= limits.least && value <= limits.most);

/** Whether a blind bake is one that can be done; else what is not, at its field. */
export function checkBlind(plan: BlindPlan): Result<true> {
  if (outside(plan.stages.length, BLIND_LIMITS.stages)) {
    return fail('blind.stages', 'blind.stages', BLIND_LIMITS.stages);
  }
  for (const [index, { minutes, setC }] of plan.stages.entries()) {
    if (outside(minutes, BLIND_LIMITS.minutes)) {
      return fail('blind.minutes', `blind.stages.${index}.minutes`);
    }
    if (outside(setC, BLIND_LIMITS.setC)) {
      return fail('blind.set', `blind.stages.${index}.setC`, {
        least: { celsius: BLIND_LIMITS.setC.least },
        most: { celsius: BLIND_LIMITS.setC.most },
      });
    }
  }
  if (outside(plan.thicknessMm, BLIND_LIMITS.thicknessMm)) {
    return fail('shell.thickness', 'shellThicknessMm', {
      least: { millimetres: BLIND_LIMITS.thicknessMm.least },
      most: { millimetres: BLIND_LIMITS.thicknessMm.most },
    });
  }
  return succeed(true);
}
