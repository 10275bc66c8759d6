export * from './formulaFile';
export * from './text';
