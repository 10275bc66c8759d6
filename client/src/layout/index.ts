export * from './Failure';
export * from './Frame';
export * from './Page';
export * from './useWide';
