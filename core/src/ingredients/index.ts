export * from './catalogue';
export * from './composition';
export * from './eggs';
export * from './ingredient';
export * from './yields';
export * from './own';
