import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { THEMES, type ColorName, type ThemeName } from './tokens';

/** Relative luminance, WCAG 2.2. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}

function contrast(theme: ThemeName, a: ColorName, b: ColorName): number {
  const [high, low] = [luminance(THEMES[theme][a]), luminance(THEMES[theme][b])].sort(
    (x, y) => y - x,
  );
  return (high! + 0.05) / (low! + 0.05);
}

const TEXT: ColorName[] = ['ink', 'inkSoft', 'action', 'attention', 'off', 'fit'];

describe.each(['day', 'lightsOut'] as const)('%s', (theme) => {
  test.each(TEXT)('%s can be read on board, panel and wash', (name) => {
    for (const ground of ['board', 'panel', 'actionWash'] as const) {
      expect(contrast(theme, name, ground)).toBeGreaterThanOrEqual(4.5);
    }
  });

  test('series can be told from the board, and the main button can be read', () => {
    for (const name of ['seriesPh', 'seriesEc', 'seriesTemp', 'seriesLevel'] as const) {
      expect(contrast(theme, name, 'board')).toBeGreaterThanOrEqual(3);
    }
    expect(contrast(theme, 'onAction', 'action')).toBeGreaterThanOrEqual(4.5);
  });
});

test('lights-out has only embers: red over green over blue in every colour', () => {
  for (const hex of Object.values(THEMES.lightsOut)) {
    const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
    expect(r).toBeGreaterThanOrEqual(g!);
    expect(g).toBeGreaterThanOrEqual(b!);
  }
});

test('the page that helps a phone has these colours too', () => {
  const css = readFileSync(join(__dirname, '../../server/help/help.css'), 'utf8');
  const told = [...css.matchAll(/--(\w+): (#\w+);/g)].map(([, name = '', hex = '']) => [name, hex]);
  const day = told.slice(0, told.length / 2);
  const of = (theme: 'day' | 'lightsOut') =>
    day.map(([name]) => [name, THEMES[theme][name as 'ink'].toLowerCase()]);
  expect(day.length).toBeGreaterThan(5);
  expect(told).toEqual([...of('day'), ...of('lightsOut')]);
});
