export * from './syrup';
