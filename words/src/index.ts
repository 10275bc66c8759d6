export * from './blind';
export * from './card';
export * from './forecast';
export * from './quantities';
export * from './say';
