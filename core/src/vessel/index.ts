export * from './check';
export * from './inside';
export * from './usual';
export * from './vessel';
export * from './walls';
