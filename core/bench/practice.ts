/**
 * `npm run practice`: every row of bakes as cooks bake them, with the window and the best pull that are foreseen
 * beside the minutes that cooks find, and the score.
 */
import { scorePractice } from './score';

const { rows, close, inside, bias } = scorePractice();
for (const { row, text } of rows) console.log(`${row.name.padEnd(66)} ${text}`);
console.log(`\nBest within 20 % of the middle: ${close} of ${rows.length}`);
console.log(`The cooks’ minutes inside the window: ${inside} of ${rows.length}`);
for (const medium of ['dry', 'bath'] as const) {
  const count = rows.filter(({ row }) => row.medium === medium).length;
  console.log(`Bias, ${medium}: ${(100 * bias[medium]).toFixed(1)} % over ${count} rows`);
}
