export * from './tempering';
