export * from './blind';
export * from './outcome';
export * from './blindPlan';
export * from './rawBase';
export * from './soggy';
