export * from './coldset';
export * from './custard';
export * from './judge';
export * from './stirred';
export * from './verdict';
