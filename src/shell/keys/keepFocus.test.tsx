import { keepFocus } from './keepFocus';

let stop: () => void;

beforeEach(() => {
  document.body.innerHTML = `<main id="main">
    <button id="first">First</button>
    <div id="row"><span>Left phone</span><button id="off">Take off the list</button></div>
    <div id="bare"><button id="gone">Goes with nothing near</button></div>
  </main>`;
  stop = keepFocus(document);
});

afterEach(() => stop());

const byId = (id: string) => document.getElementById(id)!;
const useTab = () => document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Tab' }));

/** What React does after a press: something goes, something comes; then the page is told. */
async function swap(id: string, html: string): Promise<string> {
  byId(id).outerHTML = html;
  await new Promise((resolve) => {
    setTimeout(resolve);
  });
  return document.activeElement?.id ?? '';
}

test('where a question takes a button’s place, the place holds the focus, and no second Enter answers it', async () => {
  useTab();
  byId('off').focus();
  expect(await swap('off', '<div><p>Really?</p><button id="yes">Yes</button></div>')).toBe('row');
  expect(byId('row').getAttribute('tabindex')).toBe('-1');
  byId('yes').focus();
  expect(byId('row').hasAttribute('tabindex')).toBe(false);
});

test('what is off, or out of reach, is passed over; the nearest place that has something is next', async () => {
  useTab();
  byId('gone').focus();
  const gone =
    '<div inert><button id="under">Under a sheet</button></div><button disabled id="no">No</button>';
  expect(await swap('gone', gone)).toBe('main');
});

test('a thumb that never used Tab is left alone, and so is one that went elsewhere meanwhile', async () => {
  byId('off').focus();
  expect(await swap('off', '<button id="yes">Yes</button>')).toBe('');
  useTab();
  byId('gone').focus();
  byId('first').focus();
  expect(await swap('gone', '<button id="other">Other</button>')).toBe('first');
});

test('another screen keeps what it puts in focus itself', async () => {
  useTab();
  byId('off').focus();
  window.history.pushState(null, '', '/elsewhere');
  expect(await swap('row', '<button id="there">There</button>')).toBe('');
});
