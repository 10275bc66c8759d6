export * from './rescue';
