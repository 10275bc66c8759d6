export * from './record';
export * from './table';
export { TIME_KINDS, type TimeKind } from './times';
