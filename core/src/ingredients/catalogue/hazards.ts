/** Cautions that travel with an ingredient into whatever it is used in. */
export const HONEY = 'Honey, baked or not, is no food for a child under twelve months.';
export const RAW_FLOUR = 'Raw flour is not safe to taste.';
export const STONES = 'Count the stones out.';
export const ALCOHOL = 'Alcohol does not all cook off.';
/** Source: common practice: proteases of the raw fruit cut gelatine; boiling destroys them. */
export const ENZYME = 'Raw, it keeps gelatine from setting: boil it first.';
