/**
 * npm run mutants: changes the core in one small place at a time (a number, a sign, a comparison) and
 * asks the tests of that place whether they notice. Prints the seed, what survived, and the share
 * noticed in each part. `-- --seed=N --count=N --part=drift` to choose.
 */
import { spawn } from 'node:child_process';
import {
  cpSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { ROOT, ensure } from './ensure.mjs';

ensure();

const PARTS = [
  'readings',
  'drift',
  'calibration',
  'uncertainty',
  'buffers',
  'conductivity',
  'look-back',
  'chemistry',
  'tank-belief',
  'dosing',
];
/** Where a part's tests are, besides its own folder. */
const OF_THE_PEN = ['drift', 'readings', 'calibration', 'verdict'];
const OF_THE_TANK = ['chemistry', 'tank-belief', 'dosing'];
const ALSO = { chemistry: OF_THE_TANK, 'tank-belief': OF_THE_TANK, dosing: OF_THE_TANK };
/** The long simulations are left out: a share is what the short tests notice by themselves. */
const TOO_LONG = '(hiddenTanks|trap)\\.test';
const WANTED_SHARE = 0.85;
const option = (name, fallback) =>
  process.argv.find((arg) => arg.startsWith(`--${name}=`))?.split('=')[1] ?? fallback;
const SEED = Number(option('seed', String(Date.now() % 100_000)));
const COUNT = Number(option('count', '210'));
const ONLY = option('part', undefined);

/** The mulberry32 mixer, as in the core. */
function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

const OPERATORS = {
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '<': '>=',
  '<=': '>',
  '>': '<=',
  '>=': '<',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
  '**': '*',
  '+=': '-=',
  '-=': '+=',
  '??': '&&',
};
const NAMES = { max: 'min', min: 'max', true: 'false', false: 'true', log: 'exp', cos: 'sin' };

/** Every small change that can be made in a file. */
function changesIn(path) {
  const text = readFileSync(path, 'utf8');
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const changes = [];
  const change = (node, to) => {
    const start = node.getStart(source);
    const { line } = source.getLineAndCharacterOfPosition(start);
    changes.push({
      path,
      start,
      end: node.getEnd(),
      from: node.getText(source),
      to,
      line: line + 1,
    });
  };
  const walk = (node) => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node))
      return;
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isNumericLiteral(node)) {
      const value = Number(node.text.replaceAll('_', ''));
      const index = ts.isElementAccessExpression(node.parent) || Number.isInteger(value);
      change(node, String(value === 0 ? 1 : index ? value + 1 : value * 1.25));
    }
    if (ts.isBinaryExpression(node)) {
      const to = OPERATORS[node.operatorToken.getText(source)];
      if (to) change(node.operatorToken, to);
    }
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken)
      change(node, `(${node.operand.getText(source)})`);
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      change(node, `(${node.operand.getText(source)})`);
    if (node.kind === ts.SyntaxKind.TrueKeyword || node.kind === ts.SyntaxKind.FalseKeyword)
      change(node, NAMES[node.getText(source)]);
    if (
      ts.isPropertyAccessExpression(node) &&
      node.expression.getText(source) === 'Math' &&
      NAMES[node.name.text]
    )
      change(node.name, NAMES[node.name.text]);
    ts.forEachChild(node, walk);
  };
  ts.forEachChild(source, walk);
  return changes;
}

const filesOf = (part) =>
  readdirSync(join(ROOT, 'src/core', part))
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'index.ts')
    .map((name) => join(ROOT, 'src/core', part, name));

/** So many changes of a part, drawn without putting back. */
function drawn(part, count, random) {
  const all = filesOf(part).flatMap(changesIn);
  const picked = [];
  while (picked.length < count && all.length > 0)
    picked.push({ part, ...all.splice(Math.floor(random() * all.length), 1)[0] });
  return picked;
}

/** A copy of what the tests need, to spoil. */
function makeCopy() {
  const copy = mkdtempSync(join(tmpdir(), 'zolder-mutants-'));
  for (const name of [
    'src',
    'docs',
    'scripts',
    'jest.config.js',
    'package.json',
    'tsconfig.json',
    'babel.config.js',
    'app.config.js',
  ])
    cpSync(join(ROOT, name), join(copy, name), { recursive: true });
  symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

/** Runs the tests of a part in a copy; true where one fails, or the run hangs. */
function noticed(copy, part) {
  const where = [...new Set([part, ...(ALSO[part] ?? OF_THE_PEN)])].join('|');
  const args = [
    'node_modules/jest/bin/jest.js',
    '--selectProjects=node',
    `--testPathPattern=src/core/(${where})`,
    `--testPathIgnorePatterns=${TOO_LONG}`,
    '--bail',
    '--silent',
    '--maxWorkers=1',
  ];
  return new Promise((resolve) => {
    const run = spawn(process.execPath, args, { cwd: copy, stdio: 'ignore' });
    const timer = setTimeout(() => run.kill('SIGKILL'), 120_000);
    run.on('exit', (code) => {
      clearTimeout(timer);
      resolve(code !== 0);
    });
  });
}

const random = randomFrom(SEED);
const parts = ONLY ? [ONLY] : PARTS;
const mutants = parts.flatMap((part) => drawn(part, Math.ceil(COUNT / parts.length), random));
console.log(`${mutants.length} mutants, seed ${SEED}`);
const queue = [...mutants];
const survivors = [];
const copies = Array.from({ length: Math.max(1, Math.min(2, cpus().length)) }, makeCopy);
try {
  if (await noticed(copies[0], parts[0])) throw new Error('the tests fail without any change');
  await Promise.all(
    copies.map(async (copy) => {
      for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
        const place = join(copy, relative(ROOT, mutant.path));
        const text = readFileSync(place, 'utf8');
        writeFileSync(place, text.slice(0, mutant.start) + mutant.to + text.slice(mutant.end));
        if (!(await noticed(copy, mutant.part))) survivors.push(mutant);
        writeFileSync(place, text);
      }
    }),
  );
} finally {
  for (const copy of copies) rmSync(copy, { recursive: true, force: true });
}
for (const { path, line, from, to } of survivors)
  console.log(`  survived ${relative(ROOT, path)}:${line}  ${from} → ${to}`);
let failed = false;
for (const part of parts) {
  const all = mutants.filter((mutant) => mutant.part === part).length;
  const left = survivors.filter((mutant) => mutant.part === part).length;
  const share = (all - left) / all;
  if (share < WANTED_SHARE) failed = true;
  console.log(
    `  ${part.padEnd(14)} ${all - left} of ${all} noticed, ${(100 * share).toFixed(0)} %`,
  );
}
process.exit(failed ? 1 : 0);
