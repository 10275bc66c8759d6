export * from './Moon';
export * from './Section';
