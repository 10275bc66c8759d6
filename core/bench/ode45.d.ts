/** What is used of the general-purpose integrator. */
declare module 'ode45-cash-karp' {
  interface Integrator {
    readonly y: Float64Array;
    readonly t: number;
    /** Up to `steps` steps, not past `untilS`; false once that is reached. */
    steps(steps: number, untilS: number): boolean;
  }
  export default function createIntegrator(
    start: Float64Array,
    derivative: (out: Float64Array, values: Float64Array, time: number) => void,
    from: number,
    firstStep: number,
    options: {
      readonly tol: number;
      readonly dtMaxMag?: number;
      readonly verbose: boolean;
      readonly errorScaleFunction: () => number;
    },
  ): Integrator;
}
