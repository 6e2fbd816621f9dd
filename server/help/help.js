/* Runs on the page that helps: looks by itself whether this device trusts the house, and leads on. */
(() => {
  const { address } = document.body.dataset;
  const LOOK_EVERY_MS = 2500;
  const LEAD_ON_AFTER_MS = 1500;
  const held = (key) => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  };
  const show = (state) => {
    for (const one of document.querySelectorAll('[data-state]'))
      one.hidden = one.dataset.state !== state;
  };
  const answers = (url) =>
    fetch(url, { mode: 'no-cors', cache: 'no-store' }).then(
      () => true,
      () => false,
    );

  // A device by what its browser offers, not by its name.
  const touches = matchMedia('(pointer: coarse)').matches;
  const kind = 'standalone' in navigator ? 'profile' : touches ? 'store' : 'computer';
  document.querySelector(`[data-kind="${kind}"]`).open = true;

  // Both are written by the app at this very address.
  const begun = held('zolder-book') === 'begun';
  const saved = held('zolder-taken-along') !== null;
  document.querySelector('[data-old-book]').hidden = !begun || saved;
  document.querySelector('[data-old-book-saved]').hidden = !begun || !saved;

  // Only the computer itself is told of the exchange, and may switch it.
  const showExchange = ({ on, code, qr }) => {
    const part = (name) => document.querySelector(`[data-${name}]`);
    part('together').hidden = false;
    part('exchange="off"').hidden = on;
    part('exchange="on"').hidden = !on;
    part('code').hidden = code === undefined;
    part('locked').hidden = code !== undefined;
    part('digits').textContent = code ?? '';
    part('qr').innerHTML = qr ?? '';
  };
  const exchange = (options) =>
    fetch('/house/exchange', { cache: 'no-store', ...options })
      .then((response) => (response.ok ? response.json() : undefined))
      .then((told) => told && showExchange(told))
      .catch(() => undefined);
  for (const button of document.querySelectorAll('[data-turn]'))
    button.addEventListener('click', () =>
      exchange({
        method: 'POST',
        headers: { 'content-type': 'application/json', 'x-zolder': 'here' },
        body: JSON.stringify({ on: button.dataset.turn === 'on' }),
      }),
    );
  if (/^(localhost|127\.0\.0\.1|\[::1\])$/.test(location.hostname)) {
    exchange();
    setInterval(exchange, 10_000);
  }

  let waited = false;
  const look = async () => {
    if (document.visibilityState === 'hidden') return;
    if (await answers(`${address}/trusted`)) {
      show('trusted');
      clearInterval(timer);
      // Who has just come through all the steps is led on; who only looks in is not carried away.
      if (waited && (!begun || saved)) setTimeout(() => location.assign(address), LEAD_ON_AFTER_MS);
      return;
    }
    waited = true;
    const { hostname } = new URL(address);
    const found = await answers(`${location.protocol}//${hostname}:${location.port || 80}/health`);
    show(found ? 'waiting' : 'notFound');
  };
  show('looking');
  const timer = setInterval(look, LOOK_EVERY_MS);
  document.addEventListener('visibilitychange', look);
  look();
})();
