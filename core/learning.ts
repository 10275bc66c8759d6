/** The third door of core: what is read of a running bake, which only the bake's own screen and the workers need. */
export * from './src/learning';
