import { drawnAs } from './drawnAs';
import { forgetRound, keepLook, keepRound } from './keep';

/** A page with the style the app writes: one class for each declaration. */
function page(html: string): Element {
  document.head.innerHTML = `<style>
    .row { flex-direction: row; }
    .wide { padding-left: 16px; }
    .narrow { padding-left: 4px; }
    .row:hover { color: red; }
  </style>`;
  document.body.innerHTML = html;
  return document.body.firstElementChild!;
}

test('classes of an element become one, in the order of the page’s rules; unknown ones are left out', () => {
  const drawn = drawnAs(
    [page('<div class="narrow row nobody"><span class="row narrow">a</span></div>')],
    { bottomPx: 100 },
  );
  expect(drawn.html).toBe('<div class="k0"><span class="k0">a</span></div>');
  expect(drawn.css.replaceAll(' ', '')).toBe('.k0{flex-direction:row;padding-left:4px}');
});

test('what several share is told once; an element’s own style goes before its classes', () => {
  const drawn = drawnAs(
    [
      page(
        '<p class="row" style="color: red"><b class="row wide"></b><i class="row wide" style="padding-left: 2px"></i></p>',
      ),
    ],
    { bottomPx: 100 },
  );
  expect(drawn.html).toBe('<p class="k0"><b class="k1"></b><i class="k2"></i></p>');
  expect(drawn.css.replaceAll(' ', '')).toBe(
    '.k0,.k1,.k2{flex-direction:row}.k0{color:red}.k1{padding-left:16px}.k2{padding-left:2px}',
  );
});

test('what could be read aloud or reached becomes a plain box that tells where it leads; its words stay words', () => {
  const drawn = drawnAs(
    [page('<a href="/tanks" aria-label="x" onclick="y()"><h1>5 &lt; 6 &amp; "7"</h1></a>')],
    { bottomPx: 100 },
  );
  expect(drawn.html).toBe('<div data-go="/tanks"><div>5 &lt; 6 &amp; &quot;7&quot;</div></div>');
});

test('a drawing keeps its lines; what begins below the window is left out', () => {
  const svg = page('<div><svg viewBox="0 0 24 24"><path d="M0 0h9" stroke="red"/></svg></div>');
  expect(drawnAs([svg], { bottomPx: 100 }).html).toContain('<path d="M0 0h9" stroke="red"></path>');
  expect(drawnAs([svg], { bottomPx: 0 }).html).toBe('');
});

describe('what is kept', () => {
  const about = { wide: false, textScale: 1, told: 'As it stood' };
  const held = () => localStorage.getItem('zolder-round');

  test('a Round with its age; of one that is too long nothing stays, nor of the one before', () => {
    keepRound([page('<div>Round</div>')], about);
    expect(JSON.parse(held()!)).toEqual({ html: '<div>Round</div>', css: '', ...about });
    keepRound([page(`<div>${'x'.repeat(10_000)}</div>`)], about);
    expect(held()).toBeNull();
  });

  test('of a wide page that is too long the list is kept alone', () => {
    const long = `<div><p>List</p><main>${'x'.repeat(10_000)}</main></div>`;
    keepRound([page(long)], { ...about, wide: true });
    expect(JSON.parse(held()!).html).toBe('<div><p>List</p><main></main></div>');
  });

  test('it is forgotten when asked to; a browser without storage breaks nothing', () => {
    keepRound([page('<div>Round</div>')], about);
    forgetRound();
    expect(held()).toBeNull();
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(() => keepLook({ theme: 'day', textScale: 1, book: 'own' })).not.toThrow();
    full.mockRestore();
  });
});
