export * from './cooling';
export * from './cream';
