/**
 * Speed and accuracy of a forecast on this machine. Machines are noisy: compare medians and ratios, and look at the best of the runs.
 */
import { forecastBlind } from '../src/blind';
import { buildOf, type BuildFormula, type BuildPart } from '../src/build';
import {
  forecast,
  inOven,
  memberOf,
  remediesFor,
  shiftsFrom,
  USUAL_UNSURE,
  type ForecastPlan,
} from '../src';
import { fillingMaterial, layersAround } from '../src/materials';
import { POT, SHELL, TART } from '../src/testing/bakes';
import { buildModel, firstMoment, run, type Cup } from '../src/thermal';
import { readList } from '../src/written';
import { solveByPackage } from './odeReference';
import { BAKE_S, filling, offBy, PROBLEMS, solve } from './standard';

const RUNS = 60;
const TEN = [
  'cream',
  'milk',
  'egg',
  'egg-yolk',
  'sugar',
  'butter',
  'wheat-flour',
  'cornflour',
  'hazelnuts',
  'salt',
];
const tenLines = (of: string) =>
  TEN.map((ingredientId, index) => ({
    id: `${of}/${ingredientId}`,
    ingredientId,
    amount: 50 + index,
    unit: 'g' as const,
  }));

/** What a slider that moves is answered with at first. */
const DRAFT = 0.5;

const plan = TART;

interface Timed {
  readonly median: number;
  readonly best: number;
  readonly runs: number;
}

function time(work: () => void, runs = RUNS): Timed {
  for (let warm = 0; warm < runs / 6; warm += 1) work();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return { median: times[Math.floor(runs / 2)]!, best: times[0]!, runs };
}

const LIST = Array.from({ length: 25 }, () => [
  '1 1/2 cups whole milk',
  '4–6 tbsp sugar, sieved',
  '3 oz (85 g) butter',
  'about 700 g plums',
])
  .flat()
  .join('\n');

/** Sixty lines: a filling of ten and five components of ten. */
const sixty: BuildFormula = {
  name: 'Sixty lines',
  family: 'baked-custard',
  shell: 'sweet-dough',
  lines: tenLines('filling'),
  parts: (['sweet-dough', 'caramel', 'meringue-swiss', 'glaze', 'starch-cream'] as const).map(
    (kind): BuildPart => ({
      id: kind,
      name: kind,
      kind,
      place: kind === 'sweet-dough' ? 'shell' : 'over',
      lines: tenLines(kind),
      formulaId: null,
      eachG: null,
      vessels: null,
      bakesAlong: false,
    }),
  ),
  vesselCount: 6,
  shellThicknessMm: 3,
  headspaceMm: 3,
  portionsEach: 8,
  lossShare: 0.02,
};

const show = (what: string, value: string) => console.log(`${what.padEnd(62)} ${value}`);
const ms = ({ median, best, runs }: Timed) =>
  `${median.toFixed(1)} ms median, ${best.toFixed(1)} ms best of ${runs}`;

const hotAndDry: ForecastPlan = { ...POT, setC: 180 };

/** The same discretised problem by the product's solver and by a general-purpose package. */
function besidePackage() {
  const kept: Cup = { ...PROBLEMS.tart.cup, material: fillingMaterial(filling, true) };
  const model = buildModel({ ...kept, layers: layersAround('none', 0, 'ceramic', 20) });
  // The package solves for temperatures alone, so the air's own vapour balance is left out on both sides.
  const { airChange: _follows, ...around } = inOven(
    'still',
    { airC: 150, wallsC: 150 },
    'ceramic',
    0,
    { drying: { activity: 1, waterKgM3: 1e9 } },
  );
  let found: Float64Array | undefined;
  const ours = time(() => {
    found = run(model, firstMoment(model), around, BAKE_S).at(-1)!.temperatureC;
  });
  const from = performance.now();
  const reference = solveByPackage(model, around, BAKE_S, 1e-3);
  const packageMs = performance.now() - from;
  const worst = Math.max(
    ...reference.temperatureC.map((value, cell) => Math.abs(value - found![cell]!)),
  );
  return { ours, packageMs, worst };
}

const places = (off: Readonly<Record<string, number>>): string =>
  Object.entries(off)
    .map(([place, value]) => `${place} ${value.toFixed(2)}`)
    .join(', ') + ' °C';

for (const [name, problem] of Object.entries(PROBLEMS)) {
  const off = offBy(problem);
  show(`${name}: an hour in the oven`, ms(time(() => solve(problem, 1, {}, 0))));
  show('  and 40 min of cooling', ms(time(() => solve(problem, 1))));
  show('  at most off from the converged answer', places(off(1)));
  show('  and on the mesh of a draft', places(off(DRAFT)));
}
show('A whole forecast: history, coasts, window, pictures', ms(time(() => forecast(plan))));
show(
  'A draft of it, as a slider that moves asks for one',
  ms(time(() => forecast(plan, { resolution: DRAFT, cooling: false }))),
);
const beside = besidePackage();
show('An hour in a dish, by this solver', ms(beside.ours));
show(
  'The same equations by a general-purpose ODE package',
  `${beside.packageMs.toFixed(0)} ms, ${(beside.packageMs / beside.ours.median).toFixed(0)} times as long; apart by ${beside.worst.toFixed(2)} °C at most`,
);
const shifts = shiftsFrom(USUAL_UNSURE, 0, RUNS + 10);
let draw = 0;
const member = time(() => void memberOf(plan, shifts[draw++ % shifts.length]!, 2640));
show(
  'One of 200 runs of a spread',
  `${ms(member)}; all of them on two cores ${(member.median * 0.1).toFixed(2)} s`,
);
show('The search for remedies', ms(time(() => remediesFor(hotAndDry), 5)));
show('An empty shell, 35 min, with what would do', ms(time(() => forecastBlind(SHELL), 10)));
const { energy } = solve(PROBLEMS.tart, 1).moments.at(-1)!;
show(
  'Left open in the energy balance',
  `${(Math.abs(1 - energy.storedJ / energy.receivedJ) * 100).toExponential(1)} %`,
);
show('A hundred pasted lines read', ms(time(() => readList(LIST, 'en'))));
show(
  'A build of sixty lines with five components',
  ms(
    time(() => buildOf(sixty, { grade: 'EU M', vessel: plan.vessel, formulaOf: () => undefined })),
  ),
);
