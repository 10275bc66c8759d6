export * from './doneness';
export * from './Moon';
export * from './Section';
export * from './DonenessKey';
