export * from './analysis';
export * from './formula';
export * from './line';
export * from './makeUp';
export * from './scale';
export * from './taste';
