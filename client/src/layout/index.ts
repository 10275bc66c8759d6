export { useAfarSize, useWholeScreen } from './afar';
export * from './Head';
export * from './Page';
export * from './useWide';
export * from './useTitle';
export * from './Hollow';
export * from './Later';
