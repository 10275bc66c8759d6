export * from './check';
export * from './construct';
export * from './improve';
export * from './measure';
export * from './model';
export * from './reading';
export * from './session';
export { changeMin } from './taken';
export { onTime, relieved, reliefsFor, type Relief } from './reliefs';
