import { flagLayers, type StripFlag } from './flagLayers';
import { stripsSvg } from './stripsSvg';

const x = (ms: number) => ms / 10;

test('flags of all kinds are a few paths: shapes at the foot, lines through the strip', () => {
  const flags: StripFlag[] = [
    { atMs: 100, kind: 'dose' },
    { atMs: 200, kind: 'water' },
    { atMs: 300, kind: 'stage' },
    { atMs: 400, kind: 'due' },
    { atMs: 500, kind: 'incident' },
  ];
  const layers = flagLayers(flags, x, 90);
  // Four filled shapes stand at their moment on the foot line; the due date is written.
  for (const at of [10, 20, 30, 50]) expect(layers.filled).toContain(`M${at}.0 90`);
  expect(layers.filled).not.toContain('M40.0');
  expect(layers.dueAt).toEqual([40]);
  expect(layers.dueLines).toBe('M40.0 8V90');
  expect(layers.incidentLines).toBe('M50.0 8V90');
  expect(flagLayers([], x, 90).filled).toBe('');
});

describe('a drawing for a file', () => {
  const svg = stripsSvg({
    title: 'Basil <tables> & mint',
    note: '1 May to 8 May',
    width: 600,
    strips: [
      {
        name: 'pH',
        color: '#5B2A57',
        height: 120,
        spec: {
          domain: [0, 7 * 86_400_000],
          points: [
            { atMs: 86_400_000, value: 5.8, expandedU: 0.1 },
            { atMs: 3 * 86_400_000, value: 6.2, expandedU: 0.1 },
          ],
          band: [{ fromMs: -1, low: 5.5, high: 6.5 }],
          leastSpan: 1,
        },
        flags: [{ atMs: 2 * 86_400_000, kind: 'dose' }],
        write: (value) => value.toFixed(1),
      },
      {
        name: 'EC, mS/cm',
        color: '#8A5A00',
        dash: '6 3',
        height: 100,
        spec: {
          domain: [0, 7 * 86_400_000],
          points: [
            { atMs: 86_400_000, value: 1.4 },
            { atMs: 5 * 86_400_000, value: 1.6 },
          ],
          band: [],
          leastSpan: 1,
        },
        flags: [],
        write: (value) => value.toFixed(1),
      },
    ],
    writeTime: () => 'day',
  });

  test('is a document of its own, its texts escaped', () => {
    expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" width="600"/);
    expect(svg).toContain('Basil &lt;tables&gt; &amp; mint');
    expect(svg.match(/<svg/g)).toHaveLength(1);
    expect(svg.endsWith('</svg>')).toBe(true);
  });
  test('holds the names with their units, the band’s ends, the line and its whiskers', () => {
    for (const text of ['>pH<', '>EC, mS/cm<', '>5.5<', '>6.5<', '1 May to 8 May'])
      expect(svg).toContain(text);
    expect(svg).toContain('stroke-dasharray="6 3"');
    // Two whiskers: two vertical strokes in one path.
    const whiskers = /<path d="(M[^"]*V[^"]*M[^"]*V[^"]*)" stroke="#5B2A57"/.exec(svg)?.[1];
    expect(whiskers?.match(/V/g)).toHaveLength(2);
  });
  test('the strips stand under one another and leave room for the axis', () => {
    const tops = [...svg.matchAll(/translate\(0 (\d+)\)/g)].map(([, top]) => Number(top));
    expect(tops[1]! - tops[0]!).toBeGreaterThan(120);
    const height = Number(/height="(\d+)"/.exec(svg)?.[1]);
    expect(height).toBeGreaterThan(tops[1]! + 100);
  });
});
