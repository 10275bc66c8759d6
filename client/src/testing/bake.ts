import type { BakeData } from '@hollow-moon/contract';
import { OVEN_ID, TART_ID, TIN_ID } from './book';

const pull = (timeS: number) => ({ timeS, probeC: 75, peakC: 76, wobbleMm: 110 });

export const STARTED = '2026-11-24T03:00:00.000Z';
/** Milliseconds of the clock so many seconds into the bake. */
export const after = (seconds: number): number => Date.parse(STARTED) + seconds * 1000;

/** A bake just begun, foreseen to be pulled between 30 and 36 min. */
export const begunBake: BakeData = {
  formulaId: TART_ID,
  vesselId: TIN_ID,
  ovenId: OVEN_ID,
  formulaName: 'Test tart',
  vesselName: 'Tin 24',
  ovenName: 'Oven',
  vesselCount: 1,
  shell: 'sweet-dough',
  setC: 140,
  fillingStartC: 45,
  surfaceMm: 234,
  foreseen: {
    window: { earliest: pull(1800), best: pull(1980), latest: pull(2160) },
    pullS: 1980,
    setC: 79,
    curdleC: 86,
    curve: [
      [0, 45, 45, 45, 1],
      [1000, 70, 62, 60, 1],
      [2000, 82, 77, 75, 0.5],
      [4000, 60, 62, 64, 0],
    ],
    // Left in, it goes on rising by 9 K in 600 s.
    stays: [[2600, 93, 89, 84, 0.1]],
  },
  planned: null,
  parts: [],
  startedAt: STARTED,
  pulledAt: null,
  result: null,
  faults: [],
  note: '',
  archived: false,
};
