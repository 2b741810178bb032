/**
 * Everything that must hold, one stage after another, ending in one line of totals. Name stages to run only those:
 * `npm test -- unit e2e`.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled, root } from './installed.mjs';

ensureInstalled();
const { build, freePort, startServer } = await import('./server.mjs');

const cache = `${root}.cache`;
mkdirSync(cache, { recursive: true });
const bin = (name) => `${root}node_modules/.bin/${name}`;
const totals = { passed: 0, failed: 0 };

/** Runs a command to its end; its output goes straight through. */
function run(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    });
    child.once('error', () => resolve(1));
    child.once('exit', (code) => resolve(code ?? 1));
  });
}

function count(passed, failed) {
  totals.passed += passed;
  totals.failed += failed;
}

/** A stage that either holds or does not. */
const check =
  (command, ...args) =>
  async () => {
    const code = await run(bin(command), args);
    count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  };

/** Reads a runner's report; a report that is missing is a failure. */
function report(path, read, code) {
  try {
    const { passed, failed } = read(JSON.parse(readFileSync(path, 'utf8')));
    count(passed, failed);
    if (code !== 0 && failed === 0) count(0, 1);
    if (passed === 0 && failed === 0) count(0, 1);
  } catch {
    count(0, 1);
  }
}

async function unit() {
  const path = `${cache}/unit.json`;
  rmSync(path, { force: true });
  const code = await run(bin('jest'), ['--json', `--outputFile=${path}`], { NODE_ENV: 'test' });
  report(
    path,
    (json) => ({
      passed: json.numPassedTests,
      failed: json.numFailedTests + json.numRuntimeErrorTestSuites,
    }),
    code,
  );
}

/** Prints what each failed test's page showed at its end: nobody else can look at it where this runs unwatched. */
function showFailedPages() {
  const results = `${root}test-results`;
  for (const test of existsSync(results) ? readdirSync(results) : []) {
    const page = `${results}/${test}/error-context.md`;
    if (existsSync(page)) process.stdout.write(`\n— ${test}\n${readFileSync(page, 'utf8')}\n`);
  }
}

async function e2e() {
  const chromium = ensureChromium();
  if (!chromium) return count(0, 1);
  const path = `${cache}/e2e.json`;
  rmSync(path, { force: true });
  rmSync(`${root}test-results`, { recursive: true, force: true });
  // a machine many times slower still answers what this one answers in time
  process.env.COBBET_DEADLINE_MS ??= '60000';
  const server = await startServer(await freePort(), { quiet: true });
  try {
    const code = await run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
      COBBET_URL: server.address,
      CHROMIUM_PATH: chromium,
      PLAYWRIGHT_JSON_OUTPUT_NAME: path,
    });
    report(
      path,
      ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
      code,
    );
    if (code !== 0) showFailedPages();
  } finally {
    await server.stop();
  }
}

const stages = {
  format: check('prettier', '--check', '--log-level', 'warn', '.'),
  lint: check('eslint', '.', '--max-warnings', '0'),
  types: async () => {
    const code =
      (await run(bin('tsc'), [
        '-p',
        'core',
        '--noEmit',
        '--composite',
        'false',
        '--emitDeclarationOnly',
        'false',
      ])) ||
      (await run(bin('next'), ['typegen', 'web'])) ||
      (await run(bin('tsc'), ['-p', 'web'])) ||
      (await run(bin('tsc'), ['-p', 'tsconfig.tools.json']));
    count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  },
  rules: check(
    'depcruise',
    '--config',
    '.dependency-cruiser.cjs',
    'core/src',
    'web/src',
    'cli/src',
    'samples/src',
    'scripts',
    'e2e',
  ),
  dead: check('knip', '--no-config-hints'),
  unit,
  build: async () => {
    build();
    count(1, 0);
  },
  e2e,
};

const wanted = process.argv.slice(2);
const unknown = wanted.filter((name) => !Object.hasOwn(stages, name));
if (unknown.length > 0) {
  process.stderr.write(
    `No such stage: ${unknown.join(', ')}. There are ${Object.keys(stages).join(', ')}.\n`,
  );
  process.exit(2);
}
for (const [name, stage] of Object.entries(stages)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  process.stdout.write(`\n— ${name}\n`);
  const before = totals.failed;
  await stage();
  if (totals.failed > before) process.stdout.write(`— ${name} failed\n`);
}
process.stdout.write(`\n${totals.passed} passed, ${totals.failed} failed\n`);
process.exit(totals.failed > 0 ? 1 : 0);
