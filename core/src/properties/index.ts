export * from './atmosphere';
export * from './food';
export * from './water';
export * from './activity';
export * from './freezing';
