export * from './build';
export * from './byProducts';
export * from './cost';
export * from './part';
export * from './shopping';
export * from './fit';
export * from './scale';
export * from './shellWork';
