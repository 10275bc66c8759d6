export * from './remedies';
