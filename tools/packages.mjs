// Makes sure that what the project needs from npm and Debian is there.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DATA, hashOf, must, ROOT, run, say, Trouble } from './shell.mjs';

const LOCK_FILES = [
  'package.json',
  'package-lock.json',
  'core/package.json',
  'contract/package.json',
  'words/package.json',
  'server/package.json',
  'client/package.json',
];

/** Installs the npm packages when they are missing or the lock file has changed since. */
export async function ensureNpmPackages() {
  const stamp = join(ROOT, 'node_modules', '.hollow-moon-installed');
  const wanted = hashOf(LOCK_FILES);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('Installing npm packages (one to two minutes)');
  await must('npm', ['ci', '--no-progress', '--loglevel=error']);
  writeFileSync(stamp, wanted);
}

const onPath = (binary) =>
  spawnSync('sh', ['-c', `command -v ${binary}`]).status === 0 ||
  existsSync(`/usr/sbin/${binary}`) ||
  existsSync(`/usr/bin/${binary}`);

/** Where a Debian binary lies, on the path or not. */
export const binaryPath = (binary) =>
  [`/usr/sbin/${binary}`, `/usr/bin/${binary}`].find((path) => existsSync(path)) ?? binary;

/**
 * Makes sure that binaries of Debian packages are there: `{ mariadbd: 'mariadb-server' }`. Installs
 * them through apt when this user may, else says the exact command.
 */
export async function ensureDebianPackages(binaries) {
  const missing = Object.entries(binaries).filter(([binary]) => !onPath(binary));
  if (missing.length === 0) return;
  const packages = missing.map(([, name]) => name);
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const command = `apt-get update && apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  const advice = `${packages.join(' and ')} is needed from Debian. Install it, then start again:\n\n    sudo sh -c '${command}'\n`;
  if (!onPath('apt-get') || (sudo.length > 0 && !onPath('sudo'))) throw new Trouble(advice);
  say(`Installing Debian packages: ${packages.join(', ')}`);
  mkdirSync(DATA, { recursive: true });
  const code = await run(
    [...sudo, 'sh'][0],
    [
      ...sudo.slice(1),
      ...(sudo.length > 0 ? ['sh'] : []),
      '-c',
      `export DEBIAN_FRONTEND=noninteractive; (${command}) >"$0" 2>&1`,
      join(DATA, 'apt.log'),
    ],
    {},
  );
  if (code !== 0 || missing.some(([binary]) => !onPath(binary))) {
    throw new Trouble(`${advice}\n(what apt said is in .data/apt.log)`);
  }
}
