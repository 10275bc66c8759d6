/**
 * `npm run practice`: every row of bakes as cooks bake them, with the window and the best pull that are foreseen
 * beside the minutes that cooks find, and the score.
 */
import { forecast } from '../src/forecast';
import { PRACTICE, type PracticeRow } from '../src/testing/practice';

const minutes = (seconds: number): string => (seconds / 60).toFixed(0);

interface Scored {
  readonly row: PracticeRow;
  readonly offBy: number | undefined;
  readonly inside: boolean;
  readonly text: string;
}

function score(row: PracticeRow): Scored {
  const [least, most] = row.minutes;
  const result = forecast(row.plan);
  const bad = (text: string): Scored => ({ row, offBy: undefined, inside: false, text });
  if (!result.ok) return bad(`refused: ${result.problem.message}`);
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

const scored = PRACTICE.map(score);
for (const { row, text } of scored) console.log(`${row.name.padEnd(66)} ${text}`);

const close = scored.filter(({ offBy }) => offBy !== undefined && Math.abs(offBy) <= 0.2);
const inside = scored.filter((each) => each.inside);
console.log(`\nBest within 20 % of the middle: ${close.length} of ${scored.length}`);
console.log(`The cooks’ minutes inside the window: ${inside.length} of ${scored.length}`);
for (const medium of ['dry', 'bath'] as const) {
  const off = scored.flatMap(({ row, offBy }) =>
    row.medium === medium && offBy !== undefined ? [offBy] : [],
  );
  const bias = off.reduce((sum, each) => sum + each, 0) / off.length;
  console.log(`Bias, ${medium}: ${(100 * bias).toFixed(1)} % over ${off.length} rows`);
}
