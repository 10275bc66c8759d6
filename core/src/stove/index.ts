export * from './pan';
export * from './starch';
export * from './stove';
