/** Colours by what they mean. */
export type ColorName =
  | 'board'
  | 'panel'
  | 'edge'
  | 'ink'
  | 'inkSoft'
  | 'action'
  | 'actionWash'
  | 'onAction'
  | 'attention'
  | 'off'
  | 'fit'
  | 'wood'
  | 'seriesPh'
  | 'seriesEc'
  | 'seriesTemp'
  | 'seriesLevel';

export type ThemeName = 'day' | 'lightsOut';

/** Both themes meet WCAG AA for text and 3:1 for marks. Lights-out: embers only, no green, no blue. */
export const THEMES: Readonly<Record<ThemeName, Readonly<Record<ColorName, string>>>> = {
  day: {
    board: '#F5F1E8',
    panel: '#FFFCF5',
    edge: '#D8CFBE',
    ink: '#221C26',
    inkSoft: '#5B5262',
    action: '#5B2A57',
    actionWash: '#EDE0EA',
    onAction: '#FFFCF5',
    attention: '#8A5A00',
    off: '#9E2F1B',
    fit: '#2F5D50',
    wood: '#E6DDCA',
    seriesPh: '#5B2A57',
    seriesEc: '#8A5A00',
    seriesTemp: '#3F5B73',
    seriesLevel: '#6B6256',
  },
  lightsOut: {
    board: '#140D0A',
    panel: '#1E1410',
    edge: '#4A3228',
    ink: '#F0C39A',
    inkSoft: '#C0946E',
    action: '#E08A4A',
    actionWash: '#33211A',
    onAction: '#140D0A',
    attention: '#F0B060',
    off: '#FF8A70',
    fit: '#F0C39A',
    wood: '#33231B',
    seriesPh: '#F0C39A',
    seriesEc: '#E08A4A',
    seriesTemp: '#C0946E',
    seriesLevel: '#A07858',
  },
};

const NAMES = Object.keys(THEMES.day) as ColorName[];

/** Colours as components use them; the theme decides what they are. */
export const color = Object.fromEntries(NAMES.map((name) => [name, `var(--${name})`])) as Record<
  ColorName,
  string
>;

/** Puts a theme and a text size on the page; its colours stand in the page (`npm run frame`). */
export function applyTheme(theme: ThemeName, textScale: number): void {
  const { style, dataset } = document.documentElement;
  dataset.theme = theme;
  style.setProperty('--text', String(textScale));
  document.querySelector('meta[name="theme-color"]')?.setAttribute('content', THEMES[theme].board);
}

/** Distances on the 4-px grid. */
export const space = { s1: 4, s2: 8, s3: 12, s4: 16, s5: 20, s6: 24, s8: 32 } as const;

/** Corner radius. */
export const RADIUS = 3;

/** Touch targets: 48 px everywhere, 56 px with wet thumbs. */
export const TOUCH = 48;
export const TOUCH_WET = 56;

/** A field is never drawn wider than this, px: what is typed stays near its label. */
export const FIELD_MAX = 480;

/** From this width: rail, list and detail side by side. */
export const WIDE_FROM = 900;
