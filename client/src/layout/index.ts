export * from './Page';
export * from './useWide';
