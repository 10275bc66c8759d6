/**
 * How soon the solver betters and proves a day: on the invented sessions of the bench of a day, and on published job shops.
 * Single runs, in a thread of Node; its time to start is in them.
 */
import { gapOf, knownBy, leastPresence, modelOf, prove, settled, type Known } from '../src/day';
import { programOf } from '../src/day/solver';
import { jobShop, JOB_SHOPS } from '../src/testing/jobShops';
import { solverInNode } from '../src/testing/solverInNode';
import { lookedFor, session } from './sessions';

const WEIGHTS = { presence: 0.9 };
const SECONDS = 40;

const seconds = (since: number): string => `${((performance.now() - since) / 1000).toFixed(1)} s`;
const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;

let mostRss = 0;
const watch = setInterval(() => {
  mostRss = Math.max(mostRss, process.memoryUsage.rss());
}, 50);

async function day(bakes: number, cooks: number): Promise<void> {
  const made = modelOf(session(bakes, cooks, bakes));
  if (!made.ok) throw new Error(made.problem.code);
  const model = made.value;
  const since = performance.now();
  const found = lookedFor(model, WEIGHTS);
  console.log(
    `${bakes} bakes, ${cooks} cook(s), ${model.jobs.length} tasks: searched in ${seconds(since)}`,
  );
  const known = knownBy(model, found);
  console.log(
    `  there ${known.presenceMin} min, hands alone ${leastPresence(model)}, within ${percent(gapOf(known))}`,
  );
  const before = performance.now();
  const told = (known: Known): void =>
    console.log(
      `  after ${seconds(before)}: late and past its best ${known.trouble}, there ${known.presenceMin}, no less than ${known.leastMin}: within ${percent(gapOf(known))}`,
    );
  const proved = await prove(model, found, {
    solver: solverInNode,
    weights: WEIGHTS,
    seconds: SECONDS,
    tell: told,
  });
  told(proved);
  console.log(settled(proved) ? '  proved' : '  not proved');
}

async function shop(name: keyof typeof JOB_SHOPS): Promise<void> {
  const { optimum } = JOB_SHOPS[name];
  for (const due of [optimum, optimum - 1]) {
    const asked = programOf(jobShop(JOB_SHOPS[name], due), {
      at: 'trouble',
      stepMin: 1,
      presence: { least: 0, most: 0 },
      most: { lateMin: 0, pastMin: 0, trouble: 0 },
      places: { fridge: 1000, freezer: 1000 },
      by: 'clock',
    });
    if ('impossible' in asked) {
      console.log(`${name} in ${due}: none, without the solver`);
      continue;
    }
    const since = performance.now();
    const run = solverInNode({ program: asked.program, seconds: 60 }, () => undefined);
    console.log(`${name} in ${due}: ${await run.end} after ${seconds(since)}`);
  }
}

void (async () => {
  for (const [bakes, cooks] of [
    [3, 1],
    [6, 1],
    [12, 1],
    [20, 3],
  ] as const) {
    await day(bakes, cooks);
  }
  for (const name of ['ft06', 'la01', 'la05', 'ft10'] as const) await shop(name);
  clearInterval(watch);
  console.log(`most memory of the process: ${Math.round(mostRss / 1e6)} MB`);
})();
