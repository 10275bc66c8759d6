export * from './card';
export type { Card, CardOf } from './of';
