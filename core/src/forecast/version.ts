/**
 * The version of what forecasts are made by: raised whenever the same plan comes to other numbers, so that a bake kept
 * with its forecast says which model foresaw it.
 */
export const MODEL_VERSION = 1;
