export * from './checks';
export { LANGUAGE_NAMES, LANGUAGES, type Language } from './language';
export * from './read';
export { kindOfHeading } from './sections';
