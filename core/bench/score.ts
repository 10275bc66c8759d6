import { forecast } from '../src';
import { PRACTICE, type PracticeRow } from '../src/testing/practice';

const minutes = (seconds: number): string => (seconds / 60).toFixed(0);

/** A row of practice with what is foreseen of it. */
export interface Scored {
  readonly row: PracticeRow;
  /** Best pull beside the middle of the cooks' minutes, as a share; none without a window. */
  readonly offBy: number | undefined;
  /** Whether the cooks' minutes lie within the window. */
  readonly inside: boolean;
  readonly probeC: number | undefined;
  readonly text: string;
}

/** Forecasts a row and holds it against its minutes. */
export function scoreOf(row: PracticeRow): Scored {
  const [least, most] = row.minutes;
  const result = forecast(row.plan);
  const bad = (text: string): Scored => ({
    row,
    offBy: undefined,
    inside: false,
    probeC: undefined,
    text,
  });
  if (!result.ok) return bad(`refused: ${result.problem.code}`);
  const { verdict, level } = result.value;
  if (verdict.kind !== 'window') {
    const at = (s: number | undefined) => (s === undefined ? '–' : minutes(s));
    return bad(`${verdict.reason}: sets ${at(verdict.setsAtS)}, spoils ${at(verdict.curdlesAtS)}`);
  }
  const { earliest, best, latest, latestIsLimit } = verdict;
  const middle = (least + most) / 2;
  const offBy = best.timeS / 60 / middle - 1;
  const inside = earliest.timeS / 60 <= least && (!latestIsLimit || latest.timeS / 60 >= most);
  const band = `${least}–${most}`.padEnd(8);
  const window = `${minutes(earliest.timeS)}–${minutes(latest.timeS)}${latestIsLimit ? '' : '+'}`;
  return {
    row,
    offBy,
    inside,
    probeC: best.probeC,
    text: [
      `${band} best ${minutes(best.timeS).padStart(3)}`,
      `${(100 * offBy).toFixed(0).padStart(4)} %`,
      `window ${window.padEnd(8)} ${inside ? 'inside' : 'NOT IN'}`,
      `${best.probeC.toFixed(1)} °C${row.probeC ? ` (${row.probeC.join('–')})` : ''}`,
      `moves ${(100 * best.wobble.share).toFixed(0)} %`,
      `top ${result.value.top.shade} ${result.value.top.surfaceC.toFixed(0)} °C`,
      `${level.depthMm.toFixed(0)} of ${level.roomMm.toFixed(0)} mm`,
    ].join('  '),
  };
}

export interface Score {
  readonly rows: readonly Scored[];
  /** Rows whose best lies within a fifth of the middle, and whose minutes lie within the window. */
  readonly close: number;
  readonly inside: number;
  /** Mean of how far best is off, dry and in a bath. */
  readonly bias: Readonly<Record<PracticeRow['medium'], number>>;
}

/** The whole table. */
export function scorePractice(): Score {
  const rows = PRACTICE.map(scoreOf);
  const biasOf = (medium: PracticeRow['medium']): number => {
    const off = rows.flatMap(({ row, offBy }) =>
      row.medium === medium && offBy !== undefined ? [offBy] : [],
    );
    return off.reduce((sum, each) => sum + each, 0) / off.length;
  };
  return {
    rows,
    close: rows.filter(({ offBy }) => offBy !== undefined && Math.abs(offBy) <= 0.2).length,
    inside: rows.filter(({ inside }) => inside).length,
    bias: { dry: biasOf('dry'), bath: biasOf('bath') },
  };
}
