export * from './check';
export * from './inside';
export * from './vessel';
export * from './walls';
