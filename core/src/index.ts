/** The computation of Hollow Moon: plain data in, plain data out, no clock, no I/O. */
export * from './blind';
export * from './browning';
export * from './build';
export * from './doneness';
export * from './forecast';
export * from './formula';
export * from './ingredients';
export * from './properties';
export * from './result';
export * from './setting';
export * from './shell';
export * from './sugar';
export * from './tempering';
export * from './thermal';
export * from './units';
export * from './vessel';
export * from './written';
