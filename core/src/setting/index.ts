export * from './custard';
