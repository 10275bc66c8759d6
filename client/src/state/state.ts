import type { Action, ThunkAction, ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import type { Settings } from './settings';

/**
 * The state of the store. Each slice adds its own part beside where it is made (`declare module`), so that a room knows
 * its own part and those of the rooms it imports, and none has to know the whole.
 */
export interface RootState {
  readonly settings: Settings;
}

export type AppDispatch = ThunkDispatch<RootState, unknown, UnknownAction>;
export type AppThunk<T = void> = ThunkAction<T, RootState, unknown, Action>;

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
