/** Heights of the picture, px: the hours on top, an oven's heat with its loads, a person's work. */
export const TOP_PX = 24;
export const OVEN_PX = 108;
export const LOAD_PX = 34;
export const PERSON_PX = 38;

/** Where a minute, or a heat, lies in the picture, px. */
export type Scale = (minute: number) => number;
