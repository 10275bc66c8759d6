/** What crosses the wire: schemas, and the types inferred from them. */
export * from './bake';
export * from './day';
export * from './device';
export * from './foreseen';
export * from './formats';
export * from './formula';
export * from './kitchen';
export * from './limits';
export * from './mark';
export * from './oven';
export * from './ovenUse';
export * from './pantry';
export * from './planOf';
export * from './planned';
export * from './shellBake';
export * from './vessel';
export * from './wire';
