/**
 * Breaks the core on purpose, one place at a time, and sees whether a test fails: `npm run mutants`, or with folders of
 * the core, `npm run mutants -- mix safety`. A mutant is a sign, a comparison, a limit or an order turned round; the
 * places are drawn from a fixed seed, so that a score can be compared with the one before.
 */
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { ensureInstalled, root } from './installed.mjs';

ensureInstalled();
const usual = ['mix', 'amounts', 'landing', 'safety'];
const perFolder = Number(process.env['MUTANTS'] ?? 25);
const folders = process.argv.length > 2 ? process.argv.slice(2) : usual;

/** What each operator is turned into. */
const turned = {
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '<': '>=',
  '>': '<=',
  '<=': '>',
  '>=': '<',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
};

/** Every place in a source that can be broken: where, and what stands there then. */
function places(path) {
  const text = readFileSync(path, 'utf8');
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const add = (node, becomes) =>
    found.push({ path, from: node.getStart(source), to: node.getEnd(), becomes });
  const visit = (node) => {
    // types and the texts of errors decide nothing
    if (ts.isTypeNode(node) || ts.isThrowStatement(node) || ts.isImportDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const other = turned[node.operatorToken.getText(source)];
      if (other) add(node.operatorToken, other);
    }
    if (ts.isNumericLiteral(node) && Number(node.text) !== 0) add(node, `(${node.text} * 2)`);
    if (ts.isCallExpression(node)) {
      const called = node.expression.getText(source);
      if (called === 'Math.max') add(node.expression, 'Math.min');
      if (called === 'Math.min') add(node.expression, 'Math.max');
    }
    if (ts.isIfStatement(node)) add(node.expression, `!(${node.expression.getText(source)})`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Numbers from 0 to 1 by a linear congruence: the same every time. */
function seeded(seed) {
  let state = seed;
  return () => (state = (state * 1664525 + 1013904223) % 2 ** 32) / 2 ** 32;
}

function drawn(all, count) {
  const random = seeded(11);
  const left = [...all];
  const picked = [];
  while (picked.length < count && left.length > 0) {
    picked.push(...left.splice(Math.floor(random() * left.length), 1));
  }
  return picked;
}

/** Whether tests pass. */
function pass(...which) {
  const jest = join(root, 'node_modules/jest/bin/jest.js');
  const { status } = spawnSync(
    process.execPath,
    [jest, '--selectProjects', 'core', '--bail', '--silent', '--passWithNoTests', ...which],
    { cwd: root, stdio: 'ignore', timeout: 300_000 },
  );
  return status === 0;
}

/** Whether all tests that reach a file pass; those beside it are asked first, since they are quick. */
const survives = (path) =>
  pass('--testPathPatterns', `${dirname(path)}/`) && pass('--findRelatedTests', path);

const scores = [];
for (const folder of folders) {
  const base = join(root, 'core/src', folder);
  const sources = readdirSync(base).filter((name) => /(?<!\.test)\.ts$/.test(name));
  const chosen = drawn(
    sources.flatMap((name) => places(join(base, name))),
    perFolder,
  );
  if (!pass('--testPathPatterns', `${base}/`)) {
    console.error(`The tests of ${folder} fail as it is; nothing can be said.`);
    process.exit(1);
  }
  let caught = 0;
  for (const { path, from, to, becomes } of chosen) {
    const text = readFileSync(path, 'utf8');
    let survived;
    try {
      writeFileSync(path, text.slice(0, from) + becomes + text.slice(to));
      survived = survives(path);
    } finally {
      writeFileSync(path, text);
    }
    if (!survived) caught += 1;
    else {
      const line = text.slice(0, from).split('\n').length;
      const was = text.split('\n')[line - 1].trim();
      console.log(`not caught: ${path.slice(root.length)}:${line} ${becomes}   ${was}`);
    }
  }
  scores.push({ folder, caught, all: chosen.length });
  console.log(`${folder}: ${caught} of ${chosen.length} caught`);
}
const caught = scores.reduce((sum, one) => sum + one.caught, 0);
const all = scores.reduce((sum, one) => sum + one.all, 0);
console.log(`${caught} of ${all} caught, ${((100 * caught) / all).toFixed(0)} %`);
