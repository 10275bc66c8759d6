export * from './batch';
export * from './blind';
export * from './card';
export * from './forecast';
export * from './measures';
export * from './quantities';
export * from './say';
export * from './wordsIn';
