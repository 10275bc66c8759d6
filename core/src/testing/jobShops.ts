import type { DayModel } from '../day';
import { made } from './anySession';
import { chain, inOvenAt, KITCHEN, plainTask, workFrom } from './sessions';

/** A published job shop: each job as machine, minutes, machine, minutes …; and the least time for all of it, proved. */
export interface JobShop {
  readonly jobs: readonly (readonly number[])[];
  readonly optimum: number;
}

/**
 * Sources: Fisher and Thompson (1963), ft06 and ft10; Lawrence (1984), la01 and la05; from the open OR-Library of job shops,
 * numbers and optima from memory: the busiest machines of la01 and la05 are as long as their optima.
 */
export const JOB_SHOPS = {
  ft06: {
    optimum: 55,
    jobs: [
      [2, 1, 0, 3, 1, 6, 3, 7, 5, 3, 4, 6],
      [1, 8, 2, 5, 4, 10, 5, 10, 0, 10, 3, 4],
      [2, 5, 3, 4, 5, 8, 0, 9, 1, 1, 4, 7],
      [1, 5, 0, 5, 2, 5, 3, 3, 4, 8, 5, 9],
      [2, 9, 1, 3, 4, 5, 5, 4, 0, 3, 3, 1],
      [1, 3, 3, 3, 5, 9, 0, 10, 4, 4, 2, 1],
    ],
  },
  ft10: {
    optimum: 930,
    jobs: [
      [0, 29, 1, 78, 2, 9, 3, 36, 4, 49, 5, 11, 6, 62, 7, 56, 8, 44, 9, 21],
      [0, 43, 2, 90, 4, 75, 9, 11, 3, 69, 1, 28, 6, 46, 5, 46, 7, 72, 8, 30],
      [1, 91, 0, 85, 3, 39, 2, 74, 8, 90, 5, 10, 7, 12, 6, 89, 9, 45, 4, 33],
      [1, 81, 2, 95, 0, 71, 4, 99, 6, 9, 8, 52, 7, 85, 3, 98, 9, 22, 5, 43],
      [2, 14, 0, 6, 1, 22, 5, 61, 3, 26, 4, 69, 8, 21, 7, 49, 9, 72, 6, 53],
      [2, 84, 1, 2, 5, 52, 3, 95, 8, 48, 9, 72, 0, 47, 6, 65, 4, 6, 7, 25],
      [1, 46, 0, 37, 3, 61, 2, 13, 6, 32, 5, 21, 9, 32, 8, 89, 7, 30, 4, 55],
      [2, 31, 0, 86, 1, 46, 5, 74, 4, 32, 6, 88, 8, 19, 9, 48, 7, 36, 3, 79],
      [0, 76, 1, 69, 3, 76, 5, 51, 2, 85, 9, 11, 6, 40, 7, 89, 4, 26, 8, 74],
      [1, 85, 0, 13, 2, 61, 6, 7, 8, 64, 9, 76, 5, 47, 3, 52, 4, 90, 7, 45],
    ],
  },
  la01: {
    optimum: 666,
    jobs: [
      [1, 21, 0, 53, 4, 95, 3, 55, 2, 34],
      [0, 21, 3, 52, 4, 16, 2, 26, 1, 71],
      [3, 39, 4, 98, 1, 42, 2, 31, 0, 12],
      [1, 77, 0, 55, 4, 79, 2, 66, 3, 77],
      [0, 83, 3, 34, 2, 64, 1, 19, 4, 37],
      [1, 54, 2, 43, 4, 79, 0, 92, 3, 62],
      [3, 69, 4, 77, 1, 87, 2, 87, 0, 93],
      [2, 38, 0, 60, 1, 41, 3, 24, 4, 83],
      [3, 17, 1, 49, 4, 25, 0, 44, 2, 98],
      [4, 77, 3, 79, 2, 43, 1, 75, 0, 96],
    ],
  },
  la05: {
    optimum: 593,
    jobs: [
      [1, 72, 0, 87, 4, 95, 2, 66, 3, 60],
      [4, 5, 3, 35, 0, 48, 2, 39, 1, 54],
      [1, 46, 3, 20, 2, 21, 0, 97, 4, 55],
      [0, 59, 3, 19, 4, 46, 1, 34, 2, 37],
      [4, 23, 2, 73, 3, 25, 1, 24, 0, 28],
      [3, 28, 0, 45, 4, 5, 1, 78, 2, 83],
      [0, 53, 3, 71, 1, 37, 4, 29, 2, 12],
      [4, 12, 2, 87, 3, 33, 1, 55, 0, 38],
      [2, 49, 3, 83, 1, 40, 0, 48, 4, 7],
      [2, 65, 3, 17, 0, 90, 4, 27, 1, 23],
    ],
  },
} as const satisfies Readonly<Record<string, JobShop>>;

/** How long each machine of a shop is busy: no plan is shorter than the busiest. */
export function machineSums({ jobs }: JobShop): number[] {
  const sums: number[] = [];
  for (const job of jobs) {
    for (let step = 0; step < job.length; step += 2) {
      sums[job[step]!] = (sums[job[step]!] ?? 0) + job[step + 1]!;
    }
  }
  return sums;
}

/**
 * A job shop as a day, everything due at one minute: each job passes machines in its own order, one at a time on each. A
 * machine is an oven with one shelf here, and no hands are wanted.
 */
export function jobShop({ jobs }: JobShop, dueMin: number): DayModel {
  const machines = new Set(jobs.flatMap((job) => job.filter((_, index) => index % 2 === 0)));
  return made({
    wanted: jobs.map((job, index) => ({
      id: `j${index}`,
      name: `j${index}`,
      dueMin,
      work: workFrom(
        chain(
          Array.from({ length: job.length / 2 }, (_, step) =>
            plainTask(`s${step}`, job[2 * step + 1]!, {
              verb: 'bake',
              hands: [],
              ...inOvenAt(180, { ovenId: `m${job[2 * step]!}`, lengthMm: 300, breadthMm: 300 }),
            }),
          ),
        ),
      ),
    })),
    means: {
      ...KITCHEN,
      // Each is off by so much more than the last that none does for another.
      ovens: [...machines].map((machine) => ({
        ...KITCHEN.ovens[0]!,
        id: `m${machine}`,
        shelves: 1,
        lengthMm: 300,
        breadthMm: 300,
        offsetK: 5 * machine,
      })),
    },
    fromMin: 0,
  });
}
