export * from './formulaFile';
export * from './text';
export * from './bakeCase';
export * from './caseOfPlan';
export * from './probeRecord';
