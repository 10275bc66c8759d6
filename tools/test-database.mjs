// A throw-away MariaDB for the tests, in a folder of its own.
import { join } from 'node:path';
import { startDatabase } from './database.mjs';
import { DATA } from './shell.mjs';

export const startTestDatabase = () =>
  startDatabase(join(DATA, 'test-mariadb'), { forTests: true });
