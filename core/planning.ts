/** The second door of core: work and the day, which only the plan's own screens and its workers need. */
export * from './src/day';
export * from './src/work';
