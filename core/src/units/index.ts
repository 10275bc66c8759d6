export * from './length';
export * from './mass';
export * from './number';
export * from './temperature';
export * from './volume';
export * from './entry';
