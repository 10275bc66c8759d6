export * from './baking';
/** What crosses the wire: schemas, and the types inferred from them. */
export * from './bake';
export * from './equipment';
export * from './foreseen';
export * from './formula';
export * from './kitchen';
export * from './pantry';
export * from './plan';
export * from './planned';
export * from './wire';
export * from './formats';
