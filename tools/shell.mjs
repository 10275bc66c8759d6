// Small helpers for the project's own commands. Plain Node, since they run before anything is installed.
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
/** Everything that is made while running, ignored by git; tests of the start command take another folder. */
export const DATA = process.env.HOLLOW_MOON_DATA ?? join(ROOT, '.data');

/** The rooms of the house, each with unit tests of its own. */
export const ROOMS = ['core', 'contract', 'words', 'server', 'client'];
/** Where the rules of what may import what are held. */
export const CHECKED_PATHS = ['core', 'contract', 'words', 'server', 'client/src', 'client/app'];

/** A script of an installed package. */
export const bin = (path) => join(ROOT, 'node_modules', path);

export const say = (text) => process.stdout.write(`› ${text}\n`);

/** A failure the reader can do something about: shown without a stack. */
export class Trouble extends Error {}

/** Runs a command and resolves with its exit code; output goes to the terminal unless told otherwise. */
export function run(command, args, { env, cwd = ROOT, stdio = 'inherit' } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd, stdio, env: { ...process.env, ...env } });
    child.on('error', reject);
    child.on('close', (code, signal) => resolve(signal ? 1 : (code ?? 1)));
  });
}

/** As `run`, but collects what was printed and passes it on as it comes. */
export function runAndCollect(command, args, { env, cwd = ROOT, quiet = false } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd, env: { ...process.env, ...env } });
    let output = '';
    const collect = (target) => (chunk) => {
      output += chunk;
      if (!quiet) target.write(chunk);
    };
    child.stdout.on('data', collect(process.stdout));
    child.stderr.on('data', collect(process.stderr));
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Runs a command that must succeed. */
export async function must(command, args, options) {
  const code = await run(command, args, options);
  if (code !== 0) throw new Trouble(`${command} ${args.join(' ')} failed (${code})`);
}

const SKIP = new Set(['node_modules', 'dist', '.expo', '.data']);

function* filesUnder(path) {
  if (statSync(path).isFile()) {
    yield path;
    return;
  }
  for (const entry of readdirSync(path, { withFileTypes: true }).sort((a, b) =>
    a.name < b.name ? -1 : 1,
  )) {
    if (SKIP.has(entry.name)) continue;
    const child = join(path, entry.name);
    if (entry.isDirectory()) yield* filesUnder(child);
    else if (entry.isFile()) yield child;
  }
}

/** One hash over the contents of files and folders, given relative to the root; what is missing is skipped. */
export function hashOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths) {
    const whole = join(ROOT, path);
    if (!existsSync(whole)) continue;
    for (const file of filesUnder(whole)) {
      hash.update(file.slice(ROOT.length)).update('\0').update(readFileSync(file)).update('\0');
    }
  }
  return hash.digest('hex');
}

/** Runs the body of a command, turning trouble into a message and an exit code. */
export async function main(body) {
  try {
    await body();
  } catch (cause) {
    console.error(cause instanceof Trouble ? `\n${cause.message}\n` : cause);
    process.exitCode = 1;
  }
}
