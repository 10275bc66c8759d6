export * from './analysis';
export * from './formula';
export * from './line';
export * from './scale';
