export * from './Page';
export * from './useWide';
export * from './useTitle';
