export * from './WorkScreen';
