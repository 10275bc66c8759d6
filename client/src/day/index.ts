export * from './DayScreen';
export * from './DaysScreen';
