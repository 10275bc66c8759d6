export * from './pasteurised';
