import { flagLayers, type StripFlag } from './flagLayers';
import { stripGeometry, timeTicks, type StripSpec } from './stripGeometry';

/** One strip of a drawing for a file. */
interface SvgStrip {
  readonly name: string;
  readonly color: string;
  readonly dash?: string | undefined;
  readonly height: number;
  readonly spec: StripSpec;
  readonly flags: readonly StripFlag[];
  readonly write: (value: number) => string;
}

interface Drawing {
  readonly title: string;
  readonly note: string;
  readonly width: number;
  readonly strips: readonly SvgStrip[];
  readonly writeTime: (ms: number) => string;
}

/** Print colours: ink on white, the recess of the band a light wood. */
const INK = '#221C26';
const SOFT = '#5B5262';
const WOOD = '#E6DDCA';
const LEFT = 64;
const GAP = 26;
const TOP = 64;
const RIGHT = 8;
const FONT = 'font-family="sans-serif"';

const escape = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

function stripMarkup(strip: SvgStrip, width: number, top: number): string {
  const { height, color, dash, spec, flags, write, name } = strip;
  const at = stripGeometry(spec, { width, height, left: LEFT });
  const inside = flags.filter(({ atMs }) => atMs >= spec.domain[0] && atMs <= spec.domain[1]);
  const layers = flagLayers(inside, at.x, height);
  const path = (d: string, look: string) => (d ? `<path d="${d}" ${look}/>` : '');
  const ticks = at.ticks
    .map(
      ({ y, value }) =>
        `<text x="${LEFT - 12}" y="${(y + 4).toFixed(1)}" ${FONT} font-size="12" text-anchor="end" fill="${SOFT}">${escape(write(value))}</text>`,
    )
    .join('');
  const dashes = dash ? ` stroke-dasharray="${dash}"` : '';
  return [
    `<g transform="translate(0 ${top})">`,
    `<text x="${LEFT + 6}" y="-4" ${FONT} font-size="13" font-weight="bold" fill="${color}">${escape(name)}</text>`,
    path(at.band, `fill="${WOOD}"`),
    path(at.axis, `fill="none" stroke="${INK}" stroke-width="1.5"`),
    ticks,
    path(at.whiskers, `stroke="${color}" stroke-width="1.5"`),
    path(at.line, `fill="none" stroke="${color}" stroke-width="2"${dashes}`),
    path(at.marks, `fill="${color}"`),
    path(at.hollow, `fill="#FFFFFF" stroke="${color}" stroke-width="1.25"`),
    path(layers.filled, `fill="${color}" stroke="${color}"`),
    '</g>',
  ].join('');
}

/** Strips on one time axis as an SVG document of its own: for a report, black on white. */
export function stripsSvg({ title, note, width, strips, writeTime }: Drawing): string {
  const domain = strips[0]?.spec.domain ?? [0, 1];
  const tops: number[] = [];
  let bottom = TOP;
  for (const { height } of strips) {
    tops.push(bottom);
    bottom += height + GAP;
  }
  const wide = width - LEFT - RIGHT;
  const x = (ms: number) => LEFT + (wide * (ms - domain[0])) / (domain[1] - domain[0]);
  const labels = timeTicks(domain, wide)
    .map(
      (ms) =>
        `<text x="${x(ms).toFixed(1)}" y="${bottom + 8}" ${FONT} font-size="12" text-anchor="middle" fill="${SOFT}">${escape(writeTime(ms))}</text>`,
    )
    .join('');
  const height = bottom + 24;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">`,
    `<rect width="${width}" height="${height}" fill="#FFFFFF"/>`,
    `<text x="${LEFT}" y="24" ${FONT} font-size="17" font-weight="bold" fill="${INK}">${escape(title)}</text>`,
    `<text x="${LEFT}" y="42" ${FONT} font-size="12" fill="${SOFT}">${escape(note)}</text>`,
    ...strips.map((strip, at) => stripMarkup(strip, width, tops[at]!)),
    labels,
    '</svg>',
  ].join('');
}
