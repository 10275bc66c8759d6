export * from './check';
export * from './frustum';
export * from './vessel';
