/** Plans drawn at random with a new seed: what of each does not hold together. Part of `npm run bench`. */
import fc from 'fast-check';
import { forecast } from '../src';
import { anyPlan, faultsOf, orderFaultsOf } from './anyPlan';

const RUNS = Number(process.argv[2] ?? 500);
const seed = Number(process.argv[3] ?? Date.now() % 1e9);
const plans = fc.sample(anyPlan, { numRuns: RUNS, seed });
let [baked, refused, faulty] = [0, 0, 0];
plans.forEach((plan, index) => {
  const result = forecast(plan, { resolution: 0.6 });
  if (result.ok) baked += 1;
  else refused += 1;
  const faults = [...(result.ok ? faultsOf(result.value) : []), ...orderFaultsOf(plan)];
  if (faults.length === 0) return;
  faulty += 1;
  console.log(`plan ${index}: ${faults.join('; ')}\n  ${JSON.stringify(plan)}`);
});
console.log(
  `${RUNS} plans, seed ${seed}: ${baked} baked, ${refused} refused with a reason, ${faulty} with a fault`,
);
