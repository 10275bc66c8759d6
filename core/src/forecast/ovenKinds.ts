export type OvenKind = 'still' | 'fan' | 'deck';

export const OVEN_KINDS: readonly OvenKind[] = ['still', 'fan', 'deck'];

export const OVEN_KIND_NAMES: Readonly<Record<OvenKind, string>> = {
  still: 'Still',
  fan: 'Fan',
  deck: 'Deck',
};
