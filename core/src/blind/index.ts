export * from './blind';
export * from './outcome';
export * from './plan';
export * from './rawBase';
export * from './soggy';
