import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { WIDE_FROM } from '../../src/ui/tokens';
import { PLACE_NAMES } from '../../src/shell/navigation/placeNames';
import { frameParts, withFrame } from './frameHtml';
import { iconSvg } from './icons';

const html = readFileSync(join(__dirname, '../../public/index.html'), 'utf8');

test('the page holds the frame as it is made from places, words and tokens (npm run frame)', () => {
  expect(withFrame(html)).toBe(html);
});

test('every place stands in it, a press on it leads there, and no key or reader reaches it', () => {
  const { frame } = frameParts();
  for (const { label, href } of PLACE_NAMES) {
    expect(frame).toContain(`<span>${label}</span>`);
    expect(frame).toContain(`data-go="${href}"`);
  }
  expect(frame).toMatch(/^<div id="frame" aria-hidden="true"/);
  expect(frame).not.toMatch(/<(a|button|input)|tabindex/);
});

test('what runs before the app knows the same widths and keys as the app', () => {
  const boot = readFileSync(join(__dirname, '../../public/boot.js'), 'utf8');
  const keep = readFileSync(join(__dirname, '../../src/shell/firstFrame/keep.ts'), 'utf8');
  expect(boot).toContain(`WIDE_FROM = ${WIDE_FROM};`);
  for (const [key] of keep.matchAll(/'zolder-\w+'/g)) expect(boot).toContain(key);
});

test('nothing in the frame is an address: under a path of a host it stays as it is', () => {
  expect(frameParts().frame).not.toMatch(/(href|src)=/);
});

test('an icon is all its lines; an unknown one is refused', () => {
  expect(iconSvg('route', 24).match(/<(circle|path) /g)).toHaveLength(3);
  expect(iconSvg('pen', 22)).toMatch(/^<svg width="22" .*<path d="M21\.174/);
  expect(() => iconSvg('no-such-icon', 24)).toThrow();
});
