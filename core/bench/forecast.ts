/**
 * Speed and accuracy of one forecast on this machine: a 24 cm tart, 25 mm deep, 60 min of oven and
 * 40 of cooling. Machines are noisy: compare medians and ratios, and look at the best of the runs.
 */
import { buildOf, type BuildFormula, type BuildPart } from '../src/build';
import { reactionsOf } from '../src/doneness';
import { forecastBlind } from '../src/blind';
import {
  bakeModelOf,
  type BakeModel,
  forecast,
  inOven,
  memberOf,
  onRack,
  PROBE_PLACES,
  remediesFor,
  shiftsFrom,
  USUAL_UNSURE,
  WATERY,
  type ForecastPlan,
} from '../src/forecast';
import { fillingMaterial, layersAround } from '../src/forecast/materials';
import { analyse } from '../src/formula';
import { judgePart } from '../src/setting';
import { POT, SHELL, TART } from '../src/testing/bakes';
import { readList } from '../src/written';
import { solveByPackage } from './odeReference';
import {
  buildModel,
  firstMoment,
  later,
  run,
  runCourse,
  temperatureAt,
  type Cup,
  type RunOptions,
} from '../src/thermal';

const RUNS = 60;
const BAKE_S = 3600;
const COOL_S = 2400;
const LOOK_EVERY_S = 300;
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

const analysis = analyse(plan.lines, plan.eggGrade);
const judged = judgePart(analysis, plan.family, plan.shell);
if (judged.kind !== 'judged') throw new Error(judged.kind);
const cup: Cup = {
  material: fillingMaterial(analysis),
  depthM: 0.025,
  bottomRadiusM: 0.117,
  topRadiusM: 0.117,
  startC: plan.fillingStartC,
  layers: layersAround('sweet-dough', plan.shellThicknessMm, 'bright-tin', plan.roomC),
};

/** Temperatures at rim, half radius and centre every five minutes, and what the ledger leaves open. */
function history(resolution: number, options: RunOptions, look: boolean) {
  const model = buildModel(cup, reactionsOf(judged as never), resolution);
  const places = Object.values(PROBE_PLACES).map((radiusShare) => ({
    radiusShare,
    heightM: 0.0125,
  }));
  const oven = inOven('still', { airC: plan.setC, wallsC: plan.setC }, 'bright-tin', 0);
  const rack = onRack({
    roomC: plan.roomC,
    vessel: 'bright-tin',
    altitudeM: 0,
    drying: WATERY,
  });
  const seen: number[] = [];
  let moment = firstMoment(model);
  let steps = 0;
  const until = (around: typeof oven, untilS: number) => {
    const end = look ? moment.timeS + LOOK_EVERY_S : untilS;
    for (let next = end; next <= untilS + 1; next += LOOK_EVERY_S) {
      const moments = run(model, moment, around, next, {
        ...options,
        ...(steps > 0 ? { firstStepS: 30 } : {}),
      });
      steps += moments.length;
      moment = moments[moments.length - 1]!;
      if (!look) break;
      seen.push(...places.map((place) => temperatureAt(model, moment, place)));
    }
  };
  until(oven, BAKE_S);
  until(rack, BAKE_S + COOL_S);
  const { receivedJ, storedJ } = moment.energy;
  return { seen, steps, residual: (receivedJ - storedJ) / receivedJ };
}

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

/** A pot in its bath: china, evaporation, water with a balance of its own. */
const potted: ForecastPlan = {
  ...POT,
  bath: { panLengthMm: 380, panBreadthMm: 280, levelMm: 22, waterC: 90, vessels: 6 },
};
const { bath: _bath, ...dryPot } = potted;
const hotAndDry: ForecastPlan = { ...dryPot, setC: 180 };

const pottedModel = bakeModelOf(potted);
if (!pottedModel.ok) throw new Error(pottedModel.problem.message);

function inBath(
  { cup, reactions, oven, out }: BakeModel,
  resolution: number,
  options: RunOptions,
  look: boolean,
) {
  const model = buildModel(cup, reactions, resolution);
  const places = Object.values(PROBE_PLACES).map((radiusShare) => ({
    radiusShare,
    heightM: cup.depthM / 2,
  }));
  const seen: number[] = [];
  let moment = firstMoment(model);
  const until = (course: typeof oven, untilS: number) => {
    const every = look ? LOOK_EVERY_S : Infinity;
    while (moment.timeS < untilS - 1) {
      const next = Math.min(untilS, moment.timeS + every);
      moment = runCourse(model, moment, course, next, {
        ...options,
        ...(moment.timeS > 0 ? { firstStepS: 30 } : {}),
      }).at(-1)!;
      if (look) seen.push(...places.map((place) => temperatureAt(model, moment, place)));
    }
  };
  until(oven, BAKE_S);
  until(later(out(BAKE_S), BAKE_S), BAKE_S + COOL_S);
  return { seen };
}

/** The same discretised problem by the product's solver and by a general-purpose package. */
function besidePackage() {
  const kept: Cup = { ...cup, material: fillingMaterial(analysis, true) };
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

const working = history(1, {}, true);
const converged = history(4, { toleranceK: 0.02, longestStepS: 10 }, true);
const worstOf = (
  { seen }: { readonly seen: readonly number[] },
  than: { readonly seen: readonly number[] } = converged,
): string =>
  `${Math.max(...seen.map((value, index) => Math.abs(value - than.seen[index]!))).toFixed(2)} °C`;
const draft = history(DRAFT, {}, true);
show('One history, 60 min of oven and 40 of cooling', ms(time(() => history(1, {}, false))));
show('A whole forecast: history, seven coasts, window, pictures', ms(time(() => forecast(plan))));
show('Furthest from the converged answer (4 × the cells, fine steps)', worstOf(working));
show(
  'A draft of the whole forecast, on a coarser mesh',
  ms(time(() => forecast(plan, { resolution: DRAFT }))),
);
show('Its history, furthest from the converged answer', worstOf(draft));
show(
  'A pot in its bath, 60 min of oven and 40 of cooling',
  ms(time(() => inBath(pottedModel.value, 1, {}, false))),
);
show(
  'Its history, furthest from the converged answer',
  worstOf(
    inBath(pottedModel.value, 1, {}, true),
    inBath(pottedModel.value, 4, { toleranceK: 0.02, longestStepS: 10 }, true),
  ),
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
show('Left open in the energy balance', `${(Math.abs(working.residual) * 100).toExponential(1)} %`);
show('A hundred pasted lines read', ms(time(() => readList(LIST, 'en'))));
show(
  'A build of sixty lines with five components',
  ms(
    time(() => buildOf(sixty, { grade: 'EU M', vessel: plan.vessel, formulaOf: () => undefined })),
  ),
);
