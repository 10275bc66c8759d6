export { LANGUAGE_NAMES, LANGUAGES, type Language } from './language';
export * from './read';
