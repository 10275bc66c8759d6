export * from './shell';
