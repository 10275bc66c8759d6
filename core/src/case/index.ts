export * from './bakeCase';
export * from './runBakeCase';
