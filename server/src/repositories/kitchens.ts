import type { KitchenData } from '@hollow-moon/contract';
import { repositoryOf, select, storedFrom, type Repository, type Row } from './table';

const read = (row: Row): KitchenData => ({
  name: String(row.name),
  eggGrade: row.egg_grade as KitchenData['eggGrade'],
  altitudeM: Number(row.altitude_m),
  roomC: Number(row.room_c),
  currency: String(row.currency),
  kWhPrice: row.kwh_price === null ? null : Number(row.kwh_price),
});

export const kitchens: Repository<KitchenData> = {
  ...repositoryOf<KitchenData>({
    table: 'kitchens',
    owner: 'id',
    order: 'name, id',
    columns: [
      { name: 'name', write: (data) => data.name },
      { name: 'egg_grade', write: (data) => data.eggGrade },
      { name: 'altitude_m', write: (data) => data.altitudeM },
      { name: 'room_c', write: (data) => data.roomC },
      { name: 'currency', write: (data) => data.currency },
      { name: 'kwh_price', write: (data) => data.kWhPrice },
    ],
    read,
  }),
  /** All there are: which of them is opened is for whoever asks to say. */
  async list(on) {
    const rows = await select(on, 'SELECT * FROM kitchens ORDER BY name, id', []);
    return rows.map((row) => storedFrom(row, read(row)));
  },
};
