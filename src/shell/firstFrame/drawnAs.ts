import { outOfBase } from '@/ui/inBase';

/** A part of the page as it is drawn, without the app: markup and the style it needs. */
export interface Drawn {
  readonly html: string;
  readonly css: string;
}

/** Attributes that say how something looks; names and roles are left behind. */
const LOOKS = [
  'viewBox',
  'preserveAspectRatio',
  'vector-effect',
  'width',
  'height',
  'x',
  'y',
  'cx',
  'cy',
  'r',
  'rx',
  'd',
]
  .concat(['points', 'x1', 'x2', 'y1', 'y2', 'fill', 'stroke', 'stroke-width', 'stroke-dasharray'])
  .concat(['stroke-linecap', 'stroke-linejoin', 'opacity', 'transform', 'text-anchor'])
  .concat(['font-size', 'font-family', 'font-weight']);

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/** The rules of the page that are about one class, in their order: class name → its declarations. */
function classRules(): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  for (const sheet of Array.from(document.styleSheets)) {
    for (const rule of Array.from(sheet.cssRules)) {
      if (!(rule instanceof CSSStyleRule)) continue;
      const name = /^\.([\w-]+)$/.exec(rule.selectorText)?.[1];
      if (name) found.set(name, `${found.get(name) ?? ''}${rule.style.cssText}`);
    }
  }
  return found;
}

/** Looks that a box hands on to what is in it: they are told even where they are the browser's own. */
const HANDED_ON =
  /^(color|font-(family|size|style|weight)|line-height|letter-spacing|text-|white-space|word-|overflow-wrap|visibility|fill|stroke)/;

/** What goes with a typeface and is nowhere set by itself, what nobody sees, what the frame sets for all. */
const NEVER_SEEN =
  /^(font-|list-style|border-image|cursor|touch-action|user-select|box-sizing|z-index|-webkit)/;

/** What an element's classes and its own style come to, property by property, without what any box has. */
function declarationsOf(styles: string, anyBox: CSSStyleDeclaration): readonly string[] {
  const { style } = document.createElement('div');
  style.cssText = styles;
  const isNoBorder = (name: string) => {
    const side = /^(border-\w+)-(style|color)$/.exec(name)?.[1];
    return side !== undefined && /^(0px)?$/.test(style.getPropertyValue(`${side}-width`));
  };
  return Array.from(style).flatMap((name) => {
    const value = style.getPropertyValue(name);
    if (isNoBorder(name)) return [];
    const isOwn = HANDED_ON.test(name);
    if (!isOwn && (NEVER_SEEN.test(name) || value === anyBox.getPropertyValue(name))) return [];
    return value === 'initial' ? [] : [`${name}:${value.replaceAll(', ', ',')}`];
  });
}

/** Works with the looks of a box that nobody styled. */
function withAnyBox<T>(work: (anyBox: CSSStyleDeclaration) => T): T {
  // Within a flexible box, as nearly all of them: only there the least sizes are told as they are.
  const around = document.body.appendChild(document.createElement('div'));
  around.style.display = 'flex';
  try {
    return work(getComputedStyle(around.appendChild(document.createElement('div'))));
  } finally {
    around.remove();
  }
}

/** The looks of elements under short names, told once for all that share them. */
class Classes {
  private readonly rules = classRules();
  private readonly order = new Map([...this.rules.keys()].map((name, at) => [name, at]));
  private readonly names = new Map<string, string>();

  nameFor(list: readonly string[], own: string): string | undefined {
    const styles = list
      .filter((name) => this.rules.has(name))
      .sort((a, b) => this.order.get(a)! - this.order.get(b)!)
      .map((name) => this.rules.get(name)!)
      .concat(own)
      .join('');
    if (styles === '') return undefined;
    const known = this.names.get(styles);
    const name = known ?? `k${this.names.size.toString(36)}`;
    this.names.set(styles, name);
    return name;
  }

  /** A rule for each set of names that share declarations: most of them stand in every box. */
  css(anyBox: CSSStyleDeclaration): string {
    const namesWith = new Map<string, string[]>();
    for (const [styles, name] of this.names)
      for (const one of declarationsOf(styles, anyBox))
        namesWith.set(one, [...(namesWith.get(one) ?? []), `.${name}`]);
    const shared = new Map<string, string[]>();
    for (const [one, names] of namesWith) {
      const all = names.join(',');
      shared.set(all, [...(shared.get(all) ?? []), one]);
    }
    return [...shared].map(([names, all]) => `${names}{${all.join(';')}}`).join('');
  }
}

/** Some tags are drawn by the browser in its own way, or could be reached: a plain box stands for them. */
const asTag = (tag: string) => (/^(a|button|input|select|textarea|h\d)$/.test(tag) ? 'div' : tag);

/** How much of the elements is drawn. */
interface Extent {
  /** What begins below this line of the window is left out, px from its top. */
  readonly bottomPx: number;
  /** Elements of which the box alone is drawn. */
  readonly emptied?: string | undefined;
}

/** Where a press on an element leads, as `public/boot.js` reads it. */
function goes(node: Element): string {
  const path = node.getAttribute('data-go') ?? outOfBase(node.getAttribute('href'));
  return path === undefined ? '' : ` data-go="${escaped(path)}"`;
}

function markup(node: Node, classes: Classes, extent: Extent): string {
  if (node.nodeType === Node.TEXT_NODE) return escaped(node.textContent ?? '');
  if (!(node instanceof Element)) return '';
  const isDrawing = node instanceof SVGElement;
  if (!isDrawing && node.getBoundingClientRect().top >= extent.bottomPx) return '';
  const tag = asTag(node.tagName.toLowerCase());
  const own = node.getAttribute('style') ?? '';
  const name = classes.nameFor(Array.from(node.classList), own);
  const looks = LOOKS.flatMap((about) => {
    const value = node.getAttribute(about);
    return value === null || value === '' ? [] : [` ${about}="${escaped(value)}"`];
  });
  const children =
    extent.emptied && node.matches(extent.emptied) ? [] : Array.from(node.childNodes);
  const inside = children.map((child) => markup(child, classes, extent)).join('');
  return `<${tag}${name ? ` class="${name}"` : ''}${looks.join('')}${isDrawing ? '' : goes(node)}>${inside}</${tag}>`;
}

/** What is seen of some elements. */
export function drawnAs(elements: readonly Element[], extent: Extent): Drawn {
  const classes = new Classes();
  const html = elements.map((element) => markup(element, classes, extent)).join('');
  return { html, css: withAnyBox((anyBox) => classes.css(anyBox)) };
}
