import { TYPE_PX, LINE_PX, FACE } from '../../src/ui/text/type';
import { THEMES, TOUCH, TOUCH_WET, WIDE_FROM, space, type ThemeName } from '../../src/ui/tokens';

const colors = (theme: ThemeName) =>
  Object.entries(THEMES[theme])
    .map(([name, hex]) => `--${name}:${hex}`)
    .join(';');

/** The colours of both themes, for the whole page; the frame is not seen before it knows its own. */
export const themeCss = () =>
  `:root{${colors('day')};color-scheme:light}:root[data-theme=lightsOut]{${colors('lightsOut')};color-scheme:dark}#frame:not([data-book]){visibility:hidden}`;

/** What the frame is drawn with: the head and the places as `Head.tsx` and `PlacesBar.tsx` draw them. */
export const frameCss = () => `
.all{position:fixed;inset:0;display:grid;grid-template:auto minmax(0,1fr) auto/minmax(0,1fr);background:var(--board);color:var(--inkSoft);font:400 calc(${TYPE_PX.tiny}px*var(--text,1))/calc(${LINE_PX.tiny}px*var(--text,1)) ${FACE.text}}
.all *{box-sizing:border-box}
.head svg,.places svg{display:block;flex:none;fill:none;stroke:currentColor;stroke-width:2;stroke-linecap:round;stroke-linejoin:round}
.head{display:flex;align-items:center;min-height:${TOUCH}px;padding:0 ${space.s1}px 0 ${space.s4}px;border-bottom:1px solid var(--edge)}
.name{flex:1;display:flex;flex-wrap:wrap;align-items:center;column-gap:${space.s2}px}
.leave{display:flex;align-items:center;min-height:${TOUCH}px;margin:${-space.s2}px 0;font-weight:600;color:var(--attention);text-decoration:underline}
.icon{display:flex;width:${TOUCH}px;height:${TOUCH}px;align-items:center;justify-content:center}
.places{display:flex;border-top:1px solid var(--edge);background:var(--panel)}
.places div{flex:1;min-height:60px;display:flex;flex-direction:column;gap:2px;align-items:center;justify-content:center;border-top:3px solid transparent}
.places svg{stroke-width:1.75}
.places kbd{display:none}
.places .here{color:var(--action);border-color:var(--action);font-weight:600}
.places .here svg{stroke-width:2.25}
.main{position:relative;display:flex;flex-direction:column;min-height:0;overflow:hidden}
.rows{display:flex;flex-direction:column;gap:${space.s2}px;padding:${space.s4}px}
.rows i{height:72px;background:var(--wood);opacity:.6;border-radius:3px}
.as-of{position:absolute;inset:auto 0 ${TOUCH_WET + 2 * space.s3 + 1}px;padding:${space.s2}px ${space.s4}px;background:var(--wood);color:var(--ink)}
[data-go]{cursor:pointer;user-select:none}
.pressed{outline:3px solid var(--action);outline-offset:-3px}
.main .pressed{outline-offset:1px}
:host([data-book=demo]) .own,:host(:not([data-book=demo])) .demo{display:none}
:host([data-theme=lightsOut]) .moon,:host(:not([data-theme=lightsOut])) .sun{display:none}
:host([data-walk]) .head,:host([data-walk]) .places{visibility:hidden}
@media(min-width:${WIDE_FROM}px){
.all{grid-template:auto minmax(0,1fr)/88px minmax(0,1fr)}
.places{grid-area:1/1/3/2;flex-direction:column;gap:${space.s2}px;padding-top:${space.s4}px;border-top:0;border-right:1px solid var(--edge)}
.places div{flex:none;min-height:64px;border-top:0;border-left:3px solid transparent}
.places kbd{display:block;font-family:${FACE.mono};font-weight:400;color:var(--inkSoft)}
.head,.main{grid-column:2}
}
@media print{:host{display:none}}`;
