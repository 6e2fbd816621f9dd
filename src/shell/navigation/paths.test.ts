import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { inWalk, paths } from './paths';

const APP = join(__dirname, '../../../app');

/** The routes that stand in the app's folder, an id as a star. */
const routes = readdirSync(APP, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.tsx') && !/(^|\/)[_+]/.test(name))
  .map((name) => `/${relative('.', name).replace(/\.tsx$/, '')}`)
  .map((name) => name.replace(/\/index$/, '').replaceAll(/\[[^\]]+\]/g, '*') || '/');

/** Where each builder leads, whatever it is given. */
const built = Object.values(paths).map((path) => {
  const made =
    typeof path === 'string'
      ? path
      : (path as (id: string, about: object) => string)('*', { quantity: 'ph' });
  return made.split('?')[0]!;
});

test('every path leads to a route, every route has a path', () => {
  expect([...new Set(built)].sort()).toEqual([...new Set(routes)].sort());
});

test('what is asked for stands behind the question mark; what is absent does not', () => {
  expect(paths.read({ tank: 'a b', sample: 'drain' })).toBe('/read?tank=a+b&sample=drain');
  expect(paths.read()).toBe('/read');
  expect(paths.bench('p', { quantity: 'ec', then: 'ph' })).toBe(
    '/pens/p/bench?quantity=ec&then=ph',
  );
  expect(paths.lookBack('p', { quantity: 'ph', at: 12 })).toBe(
    '/pens/p/look-back?quantity=ph&at=12',
  );
  expect(inWalk(paths.read({ tank: 'a' }))).toBe('/read?tank=a&walk=1');
  expect(inWalk(paths.bench('p'))).toBe('/pens/p/bench?walk=1');
  expect(paths.jar('t')).toBe('/tanks/t/jar');
});
