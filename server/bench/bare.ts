// The least a route can be that asks the same of the database: one statement, and its rows as they come.
import express from 'express';
import mysql from 'mysql2/promise';
import { LINES, PARTS } from '../src/repositories/formulas';
import { LOG_SELECT } from '../src/repositories/log';
import { childColumn } from '../src/repositories/table';

const url = process.env.HOLLOW_MOON_DATABASE_URL;
if (!url) throw new Error('HOLLOW_MOON_DATABASE_URL is not set; run `npm run load`');
const pool = mysql.createPool({
  uri: url,
  timezone: 'Z',
  connectionLimit: 10,
  decimalNumbers: true,
  charset: 'utf8mb4',
});

const ASKED = {
  formulas: `SELECT p.*, ${childColumn(PARTS)}, ${childColumn(LINES)} FROM formulas p
    WHERE p.kitchen_id = ? ORDER BY name, id`,
  ovens: 'SELECT p.* FROM ovens p WHERE p.kitchen_id = ? ORDER BY name, id',
  bakes: `${LOG_SELECT} WHERE p.kitchen_id = ? AND NOT p.archived
    ORDER BY p.started_at DESC, p.id LIMIT 41`,
} as const;

const app = express();
for (const [route, sql] of Object.entries(ASKED)) {
  app.get(`/api/kitchens/:kitchenId/${route}`, async (request, response) => {
    const [rows] = await pool.execute(sql, [request.params.kitchenId]);
    response.json(rows);
  });
}
app.listen(Number(process.env.HOLLOW_MOON_PORT), '127.0.0.1', () => process.send?.('ready'));
