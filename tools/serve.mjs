// Starts the built server as a child and stops it again without dropping a request.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, Trouble } from './shell.mjs';

/** Resolves once the server listens, with the child and a function that stops it. */
export function startServer({
  url,
  port,
  entry = join(ROOT, 'server/dist/main.js'),
  quiet = false,
}) {
  const child = spawn(process.execPath, ['--enable-source-maps', entry], {
    cwd: ROOT,
    // Its own process group: Ctrl-C reaches us, and we pass on a SIGTERM.
    detached: true,
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit', 'ipc'],
    env: { ...process.env, HOLLOW_MOON_DATABASE_URL: url, HOLLOW_MOON_PORT: String(port) },
  });
  const ended = new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
  const stop = async () => {
    if (child.exitCode === null) child.kill('SIGTERM');
    return ended;
  };
  return new Promise((resolve, reject) => {
    child.once('message', () => resolve({ child, ended, stop }));
    void ended.then((code) =>
      reject(new Trouble(`The server ended before it was ready (${code}).`)),
    );
  });
}
