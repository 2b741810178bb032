import { spawn, spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { root } from './installed.mjs';
import { youngest } from './youngest.mjs';

const next = () => `${root}node_modules/next/dist/bin/next`;
const env = () => ({ ...process.env, NEXT_TELEMETRY_DISABLED: '1' });

/** Whether the production build is there and younger than everything it is made of. */
export function isBuilt() {
  const made = `${root}web/.next/BUILD_ID`;
  if (!existsSync(made)) return false;
  const sources = ['core/src', 'web/src', 'web/public', 'web/next.config.ts', 'package-lock.json'];
  return statSync(made).mtimeMs > Math.max(...sources.map((path) => youngest(`${root}${path}`)));
}

/** Builds for production; exits with the build's code when it fails. */
export function build() {
  const done = spawnSync(process.execPath, [next(), 'build', 'web'], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...env(), NODE_ENV: 'production' },
  });
  if (done.status !== 0) process.exit(done.status ?? 1);
}

/** Who may reach the server: only this machine unless told otherwise. */
const host = process.env.HOST ?? '127.0.0.1';

/** Whether a port can be listened on. */
export function portIsFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

/** A port nobody listens on. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, host, () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Waits until the server answers. */
async function answers(address, child) {
  for (let i = 0; i < 300; i += 1) {
    if (child.exitCode !== null) throw new Error(`the server stopped with ${child.exitCode}`);
    try {
      const response = await fetch(address);
      if (response.ok) return;
    } catch {
      // not listening yet
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('the server did not answer within 30 s');
}

/**
 * Starts the production server and waits until it answers.
 *
 * @returns its address, and how to stop it
 */
export async function startServer(port, { quiet = false } = {}) {
  const child = spawn(process.execPath, [next(), 'start', 'web', '-p', String(port), '-H', host], {
    cwd: root,
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
    env: { ...env(), NODE_ENV: 'production' },
  });
  // a script that falls over must not leave its server behind
  process.once('exit', () => child.kill('SIGTERM'));
  const address = `http://localhost:${port}`;
  const stop = () =>
    new Promise((resolve) => {
      if (child.exitCode !== null) return resolve();
      child.once('exit', () => resolve());
      child.kill('SIGTERM');
    });
  try {
    await answers(address, child);
  } catch (error) {
    await stop();
    throw error;
  }
  return { address, child, stop };
}
