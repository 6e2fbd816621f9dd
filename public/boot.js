/* Runs before the app, right after the frame: the theme, the size of the text, the place, and the Round
   as this device last drew it; and begins the worker. A press on what it drew is remembered, and the app
   goes there as soon as it can. Reads only what the page kept (src/shell/firstFrame); writes nothing. */
(() => {
  const WIDE_FROM = 900;
  const held = (key) => {
    try {
      return JSON.parse(localStorage.getItem(key) ?? 'null');
    } catch {
      return null;
    }
  };
  const start = document.querySelector('meta[name="zolder-start"]')?.content;
  const look = held('zolder-look') ?? {};
  const page = document.documentElement;
  if (look.theme === 'lightsOut') page.dataset.theme = 'lightsOut';
  if (look.textScale > 1) page.style.setProperty('--text', String(look.textScale));

  // The worker reads the book while the app is still being read.
  const { worker } = document.currentScript.dataset;
  if (worker && start !== 'take-along') globalThis.zolderWorker = new Worker(worker);

  const frame = document.getElementById('frame');
  if (start === 'take-along' || !frame.attachShadow) return void frame.remove();
  const wide = innerWidth >= WIDE_FROM;
  const base = new URL('.', document.currentScript.src).pathname;
  const path = `/${location.pathname.slice(base.length)}`;
  frame.dataset.book = look.book ?? (start === 'demo' ? 'demo' : 'own');
  if (look.theme) frame.dataset.theme = look.theme;
  if (!wide && /[?&]walk=1/.test(location.search)) frame.dataset.walk = '';

  // Apart from the page: no style of the app reaches it, and no search finds its words.
  const root = frame.attachShadow({ mode: 'closed' });
  root.append(...frame.childNodes);
  const isRound = path === '/' || path.startsWith('/read');
  for (const place of root.querySelectorAll('.places [data-go]')) {
    const { go: href } = place.dataset;
    if (href === '/' ? isRound : path.startsWith(href)) place.classList.add('here');
  }

  // Hands are faster than an old phone: the last place that was pressed is where the app goes.
  root.addEventListener('click', ({ target }) => {
    const pressed = target.closest('[data-go]');
    if (!pressed) return;
    frame.dataset.pressed = pressed.dataset.go;
    for (const before of root.querySelectorAll('.pressed')) before.classList.remove('pressed');
    pressed.classList.add('pressed');
    const asOf = root.querySelector('.as-of');
    // Beside the age, which still holds.
    if (asOf?.childNodes.length === 1) asOf.append(` ${frame.dataset.opens}`);
    frame.dispatchEvent(new Event('pressed'));
  });

  const kept = path === '/' && frame.dataset.book === 'own' ? held('zolder-round') : null;
  if (typeof kept?.html !== 'string' || typeof kept.css !== 'string') return;
  if (kept.wide !== wide || kept.textScale !== (look.textScale ?? 1)) return;
  const main = root.querySelector('.main');
  main.innerHTML = `<style>${kept.css}</style>${kept.html}<div class="as-of"></div>`;
  main.lastChild.textContent = String(kept.told);
})();
