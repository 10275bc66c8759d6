export type { Meaning, Question } from './amounts';
export * from './checks';
export type { RecipeFacts } from './facts';
export { familyOf } from './family';
export { LANGUAGE_NAMES, LANGUAGES, type Language } from './language';
export { likeName } from './names';
export * from './read';
export * from './recipe';
export { attributesOf, isMethod, kindOfHeading, kindOfList } from './sections';
