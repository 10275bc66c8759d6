export * from './coldset';
export * from './custard';
export * from './dough';
export * from './finish';
export * from './judge';
export * from './part';
export * from './stirred';
export * from './verdict';
