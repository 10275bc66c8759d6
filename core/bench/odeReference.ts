import createIntegrator from 'ode45-cash-karp';
import type { Model, Surroundings } from '../src/thermal';
import { firstMoment } from '../src/thermal';
import { createBalance, updateConductances, updateGain } from '../src/thermal/balance';
import { capacityOf } from '../src/thermal/content';

/** A field as a general-purpose integrator finds it, and what it took. */
export interface Reference {
  readonly temperatureC: readonly number[];
  readonly evaluations: number;
}

/** Steps after which the package has lost its way. */
const MOST_STEPS = 5_000_000;

/**
 * Solves the very equations the product's solver steps through, dT/dt = heat gained / heat capacity for
 * each cell, with a general-purpose package: Runge and Kutta's method of order 5 with the embedded error
 * of Cash and Karp (ACM Trans. Math. Softw. 16 (1990) 201). For a cup that neither stirs nor forms a
 * skin, since those change from step to step; a bath must be kept at a temperature. `toleranceK` is the
 * error allowed in a step. Throws when the package does not arrive.
 */
export function solveByPackage(
  model: Model,
  around: Surroundings,
  seconds: number,
  toleranceK: number,
): Reference {
  const first = firstMoment(model);
  const balance = createBalance(model, around, first);
  let evaluations = 0;
  const integrator = createIntegrator(
    Float64Array.from(first.temperatureC),
    (out, values) => {
      evaluations += 1;
      updateConductances(balance, values);
      updateGain(balance, values);
      for (let cell = 0; cell < balance.cells; cell += 1) {
        out[cell] = balance.gainW[cell]! / capacityOf(balance, cell, values[cell]!);
      }
    },
    0,
    0.1,
    { tol: toleranceK, verbose: false, errorScaleFunction: () => 1 },
  );
  integrator.steps(MOST_STEPS, seconds);
  if (Math.abs(integrator.t - seconds) > 1e-3) throw new Error('the package did not arrive');
  return { temperatureC: [...integrator.y], evaluations };
}
