export * from './analysis';
export * from './formula';
export * from './kinds';
export * from './line';
export * from './makeUp';
export * from './remarks';
export * from './scale';
export * from './taste';
