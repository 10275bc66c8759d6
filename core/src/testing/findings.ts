import type { Finding } from '../result';

/** The codes of what was found, in their order. */
export const codesOf = (findings: readonly Finding[]): string[] => findings.map(({ code }) => code);
