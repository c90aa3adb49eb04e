// Sets up what is missing, with nothing but Node: packages, the built app, and (for the tests) Debian's chromium.
import { execFileSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { delimiter, dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));
const stampFile = join(root, 'node_modules/.install-stamp');
const buildStampFile = join(root, 'dist/.build-stamp');

export function run(command, args, options = {}) {
  execFileSync(command, args, { cwd: root, stdio: 'inherit', ...options });
}

/** Installs the packages of the lockfile unless they are there for this Node already. */
export function ensureInstalled() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    stop(`Noon Ledger needs Node 20.19 or newer; this is ${process.versions.node}.`);
  const stamp = hash([readFileSync(join(root, 'package-lock.json')), process.versions.modules]);
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return;
  console.log('Setting up (the first time takes a minute or two)...');
  const env = { ...process.env, NODE_ENV: '' };
  // better-sqlite3 is compiled where no prebuilt file can be had; Node's own headers save a download.
  const prefix = dirname(dirname(process.execPath));
  if (!env.npm_config_nodedir && existsSync(join(prefix, 'include/node/node.h'))) env.npm_config_nodedir = prefix;
  const args = ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error'];
  if (env.npm_execpath?.endsWith('.js')) run(process.execPath, [env.npm_execpath, ...args], { env });
  else run('npm', args, { env, shell: process.platform === 'win32' });
  run(process.execPath, ['-e', "new (require('better-sqlite3'))(':memory:').close()"]);
  writeFileSync(stampFile, stamp);
}

/** Builds pages and server into dist/ unless nothing they are made of has changed. */
export function ensureBuilt() {
  const stamp = hash(
    ['core', 'solver', 'contract', 'server', 'web']
      .flatMap(filesBelow)
      .concat(join(root, 'package-lock.json'), join(root, 'vite.config.ts'))
      .map(state),
  );
  if (existsSync(buildStampFile) && readFileSync(buildStampFile, 'utf8') === stamp) return;
  run(process.execPath, [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn']);
  run(process.execPath, [join(root, 'bin/build-server.mjs')]);
  mkdirSync(dirname(buildStampFile), { recursive: true });
  writeFileSync(buildStampFile, stamp);
}

/** Where a program comes in a package of another name. */
const packageOf = { pdftoppm: 'poppler-utils' };

/**
 * Makes sure programs of Debian are there for the tests: chromium for the browser, units for independent sums.
 * @returns a promise: they come while the packages are set up
 */
export async function ensureDebian(...programs) {
  const missing = programs.filter((program) => !onPath(program));
  if (missing.length === 0) return;
  const packages = missing.map((program) => packageOf[program] ?? program);
  const names = packages.join(' ');
  const asRoot = process.getuid?.() === 0;
  if (!onPath('apt-get') || !asRoot) {
    stop(
      `The tests need ${names} on the PATH. On Debian: apt-get install ${names} (as root), then run npm test again.`,
    );
  }
  console.log(`Installing ${names} from Debian...`);
  const install = `apt-get -qq update && apt-get -qq install -y --no-install-recommends ${names}`;
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const child = spawn('sh', ['-c', install], { cwd: root, env, stdio: ['ignore', 'ignore', 'inherit'] });
  const [code] = await once(child, 'exit');
  if (code !== 0) stop(`${names} could not be installed.`);
}

/** Serves a ledger until it is stopped; the server prints its address. */
export function serve(env) {
  const server = spawn(process.execPath, [join(root, 'dist/server/main.js')], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 0));
}

function onPath(command) {
  return (process.env.PATH ?? '').split(delimiter).some((dir) => {
    try {
      accessSync(join(dir, command), constants.X_OK);
      return true;
    } catch {
      return false;
    }
  });
}

function filesBelow(dir) {
  return readdirSync(join(root, dir), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

function state(file) {
  const { mtimeMs, size } = statSync(file);
  return `${file} ${size} ${mtimeMs}`;
}

function hash(parts) {
  const sum = createHash('sha256');
  for (const part of parts) sum.update(part).update('\n');
  return sum.digest('hex');
}

function stop(message) {
  console.error(message);
  process.exit(1);
}
