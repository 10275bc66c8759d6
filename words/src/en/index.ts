import { api } from './api';
import { card } from './card';
import { client } from './client';
import { contract } from './contract';
import { counted } from './counted';
import { forecast } from './forecast';
import { formula } from './formula';
import { names } from './names';
import { screens } from './screens';
import { setting } from './setting';
import { work } from './work';

/** The catalogue of English. */
export const EN = {
  ...names,
  ...setting,
  ...forecast,
  ...formula,
  ...card,
  ...contract,
  ...counted,
  ...api,
  ...client,
  ...work,
  ...screens,
} as const;
