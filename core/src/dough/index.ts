export * from './mix';
export * from './slab';
