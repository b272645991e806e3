// Small helpers for the scripts: they need only Node.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Runs a command in the project, showing what it prints; ends this process where it fails. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (status !== 0 && !options.tolerate) process.exit(status ?? 1);
  return status ?? 1;
}

/** Starts a command and leaves it running. */
export function start(command, args, options = {}) {
  return spawn(command, args, { cwd: root, stdio: 'inherit', ...options });
}

/** The path of a program in node_modules, run with this Node. */
export function bin(path) {
  return [process.execPath, `${root}node_modules/${path}`];
}

function modified(path) {
  return existsSync(path) ? statSync(path).mtimeMs : 0;
}

/** Installs the packages of the lock file where they are missing or older than it. */
export function ensurePackages({ quiet = false } = {}) {
  if (modified(`${root}node_modules/.package-lock.json`) >= modified(`${root}package-lock.json`)) {
    return;
  }
  console.error('Installing packages …');
  const stdio = quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit';
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio });
}

/** The version of the pack that this program reads. */
export function packagedVersion() {
  return JSON.parse(readFileSync(`${root}package.json`, 'utf8')).version;
}
