export * from './colour';
