export * from './doneness';
export * from './Moon';
export { sectionSize, WATER_PX } from './cut';
export * from './Section';
export * from './DonenessKey';
