/**
 * npm run house: checks the import rules, that no two folders import each other (however far round),
 * that the drawing in ARCHITECTURE.md is what the imports draw, and that the files it and docs/finding.md
 * name are there. `-- --write` draws it anew.
 */
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { cruise } from 'dependency-cruiser';
import extractTSConfig from 'dependency-cruiser/config-utl/extract-ts-config';
import { ROOT } from './ensure.mjs';
import { missingIn } from './namedFiles.mjs';

process.chdir(ROOT);
const rules = createRequire(import.meta.url)('../.dependency-cruiser.cjs');
const PLACE = join(ROOT, 'ARCHITECTURE.md');
const MARKS = ['<!-- drawn by npm run house -->\n```\n', '```\n<!-- end of the drawing -->'];

/** The room of a file: a feature, a sub-domain of the core, else a folder below the source. */
function roomOf(path) {
  const [top, ...rest] = path.split('/');
  if (top !== 'src') return top;
  return ['features', 'core'].includes(rest[0]) && rest.length > 2
    ? `${rest[0]}/${rest[1]}`
    : rest[0];
}

/** Which rooms each room imports; tests stand outside. */
function roomsOf(modules) {
  const rooms = new Map();
  for (const { source, dependencies } of modules) {
    if (!/^(app|src|server)\//.test(source) || /\.test\.tsx?$|\/testing\//.test(source)) continue;
    const from = roomOf(source);
    if (!rooms.has(from)) rooms.set(from, new Set());
    for (const { resolved } of dependencies) {
      if (!/^(app|src|server)\//.test(resolved) || roomOf(resolved) === from) continue;
      rooms.get(from).add(roomOf(resolved));
    }
  }
  return rooms;
}

/** Rooms with those above first; what goes round in a circle is returned apart. */
function inOrder(rooms) {
  const order = [];
  const left = new Map(rooms);
  while (left.size > 0) {
    const free = [...left.keys()].filter((room) =>
      [...left].every(([other, uses]) => other === room || !uses.has(room)),
    );
    if (free.length === 0) return { order, circle: [...left.keys()] };
    for (const room of free.sort()) {
      order.push(room);
      left.delete(room);
    }
  }
  return { order, circle: [] };
}

/** All rooms below a room, however far. */
function below(room, rooms, seen = new Set()) {
  for (const next of rooms.get(room) ?? []) {
    if (seen.has(next)) continue;
    seen.add(next);
    below(next, rooms, seen);
  }
  return seen;
}

/** What a room uses, without what it reaches through the rest of it: the drawing stays one page. */
function lineOf(room, rooms) {
  const uses = [...rooms.get(room)].sort();
  const nearest = uses.filter(
    (one) => !uses.some((other) => other !== one && below(other, rooms).has(one)),
  );
  return `${room.padEnd(20)} → ${nearest.join(' ') || '–'}`;
}

const { output } = await cruise(
  ['app', 'src', 'server'],
  { ...rules.options, ruleSet: rules, validate: true },
  undefined,
  { tsConfig: extractTSConfig('tsconfig.json') },
);
let failed = false;
for (const { rule, from, to } of output.summary.violations) {
  if (rule.severity !== 'error') continue;
  failed = true;
  console.error(`${rule.name}: ${from} → ${to}`);
}
const rooms = roomsOf(output.modules);
const { order, circle } = inOrder(rooms);
if (circle.length > 0) {
  failed = true;
  console.error(`These folders import each other in a circle: ${circle.join(', ')}`);
}
const drawing = `${order.map((room) => lineOf(room, rooms)).join('\n')}\n`;
const text = readFileSync(PLACE, 'utf8');
const [from, to] = [text.indexOf(MARKS[0]) + MARKS[0].length, text.indexOf(MARKS[1])];
if (to < from) throw new Error('ARCHITECTURE.md has no place for the drawing');
if (process.argv.includes('--write')) {
  writeFileSync(PLACE, text.slice(0, from) + drawing + text.slice(to));
} else if (text.slice(from, to) !== drawing) {
  failed = true;
  console.error(
    'The drawing in ARCHITECTURE.md is not what the imports draw: npm run house -- --write',
  );
}
const SOURCES = ['app', 'src', 'server', 'scripts', 'public', 'docs', 'e2e'];
const files = SOURCES.flatMap((folder) =>
  readdirSync(join(ROOT, folder), { recursive: true }).map((file) => join(folder, file)),
).concat(readdirSync(ROOT));
for (const document of ['ARCHITECTURE.md', 'docs/finding.md'])
  for (const missing of missingIn(document, files)) {
    failed = true;
    console.error(`No such file. ${missing}`);
  }
console.log(
  `${output.summary.totalCruised} modules, ${order.length} rooms, ${circle.length} in a circle`,
);
process.exit(failed ? 1 : 0);
