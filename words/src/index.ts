export * from './card';
export * from './quantities';
export * from './say';
