export * from './member';
export * from './sensitivity';
export * from './spread';
export * from './unsure';
