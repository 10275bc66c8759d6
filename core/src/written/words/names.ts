/**
 * Names of foods in one language: an ingredient's id, and what it is called, parted by commas. Ids parted by "|" share a
 * name: which of them is meant is asked.
 */
export type Names = Readonly<Record<string, string>>;
