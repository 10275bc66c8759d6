export * from './DayScreen';
export * from './DaysScreen';
export * from './Today';
