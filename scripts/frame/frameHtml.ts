import { PLACE_NAMES } from '../../src/shell/navigation/placeNames';
import { paths } from '../../src/shell/navigation/paths';
import { frameSays } from '../../src/words/frame/frame';
import { frameCss, themeCss } from './frameCss';
import { iconSvg } from './icons';

const HEAD_ICONS = [
  ['graduation-cap', paths.practice],
  ['circle-question-mark', paths.help],
  ['settings-2', paths.settings],
] as const;
const icon = (name: string, also = '') => `<div class="icon${also}">${iconSvg(name, 22)}</div>`;
const iconTo = (name: string, go: string) =>
  `<div class="icon" data-go="${go}">${iconSvg(name, 22)}</div>`;

const head = () =>
  `<div class="head"><div class="name"><span class="own">${frameSays.myBook}</span><span class="demo">${frameSays.demoName}</span><span class="leave demo"><span>${frameSays.leaveDemo}</span></span></div>${icon('moon', ' moon')}${icon('sun', ' sun')}${HEAD_ICONS.map(([name, go]) => iconTo(name, go)).join('')}</div>`;

const places = () =>
  `<div class="places">${PLACE_NAMES.map(
    ({ href, label, icon: name }, at) =>
      `<div data-go="${href}">${iconSvg(name, 24)}<span>${label}</span><kbd>${at + 1}</kbd></div>`,
  ).join('')}</div>`;

const main = '<div class="main"><div class="rows"><i></i><i></i><i></i></div></div>';

/** What stands in the page before any script of the app: the themes, and the frame with its style. */
export const frameParts = () => ({
  themes: `<style>${themeCss()}</style>`,
  frame: `<div id="frame" aria-hidden="true" data-opens="${frameSays.opensSoon}"><style>${frameCss().replaceAll('\n', '')}</style><div class="all">${head()}${main}${places()}</div></div>`,
});

/** A page with both put between their marks. */
export function withFrame(html: string): string {
  return Object.entries(frameParts()).reduce((text, [name, part]) => {
    const marks = new RegExp(`(<!-- ${name} -->)[\\s\\S]*?(<!-- end of ${name} -->)`);
    if (!marks.test(text)) throw new RangeError(`no marks for ${name}`);
    return text.replace(
      marks,
      (_all, from: string, to: string) => `${from}\n    ${part}\n    ${to}`,
    );
  }, html);
}
