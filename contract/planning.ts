/** The second door of the contract: a day made ready to be planned, and its files. */
export * from './src/formats/calendar';
export * from './src/formats/day';
export * from './src/plannedDay';
export * from './src/sessionOf';
