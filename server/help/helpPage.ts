import { isIP } from 'node:net';
import { renderSVG } from 'uqr';
import { pairingSays } from '@/words/together/pairingSays';
import { DEVICE_KINDS, trustingSays } from '@/words/phones/trusting';

/** What the page that helps tells of its house. */
export interface HelpFacts {
  /** The one address of the app. */
  readonly address: string;
  /** This page, as a phone opens it. */
  readonly help: string;
  readonly fingerprint: string;
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

const paragraph = (text: string) => `<p>${escaped(text)}</p>`;

/** One kind of device: its file and its steps, open where the page thinks it is this one. */
const deviceOf = ({ id, name, file, steps }: (typeof DEVICE_KINDS)[number]) => `
<details name="kind" data-kind="${id}">
  <summary>${escaped(name)}</summary>
  <a class="file" href="/house/${file}" download="${file}">${trustingSays.getFile}</a>
  <ol>${steps.map((step) => `<li>${escaped(step)}</li>`).join('')}</ol>
</details>`;

/** A state of the trust, of which the script shows one. */
const stateOf = (id: string, title: string, hint: string, more = '') =>
  `<div data-state="${id}" hidden><h2>${escaped(title)}</h2>${paragraph(hint)}${more}</div>`;

/** What this very computer is shown of the exchange; the script shows it there alone. */
const togetherSection = `
<section class="together" hidden data-together>
  <h2>${pairingSays.title}</h2>
  <div data-exchange="off">${paragraph(pairingSays.off)}${paragraph(pairingSays.offHint)}
    <button type="button" class="main" data-turn="on">${pairingSays.turnOn}</button></div>
  <div data-exchange="on" hidden>
    <div data-code><p>${pairingSays.code}<br /><strong class="code" data-digits></strong></p>
      <div class="qr" data-qr></div>${paragraph(pairingSays.codeHint)}${paragraph(pairingSays.keep)}</div>
    <div data-locked hidden>${paragraph(pairingSays.locked)}</div>
    <button type="button" data-turn="off">${pairingSays.turnOff}</button>
  </div>
</section>`;

/** The plain page whose only job is to help a device to the one address of its house. */
export function helpPage({ address, help, fingerprint }: HelpFacts): string {
  const { hostname } = new URL(address);
  const away = isIP(hostname) ? trustingSays.sameNetwork : trustingSays.notFoundHint;
  const says = trustingSays;
  const open = `<a class="main" href="${escaped(address)}">${says.open}</a>`;
  const groups = fingerprint.split(':').reduce<string[]>((rows, byte, at) => {
    const row = Math.floor(at / 8);
    return Object.assign(rows, { [row]: rows[row] ? `${rows[row]}:${byte}` : byte });
  }, []);
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8" />
<meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover" />
<title>${says.title}</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml" />
<link rel="stylesheet" href="/fonts.css" />
<link rel="stylesheet" href="/house/help.css" />
</head>
<body data-address="${escaped(address)}" data-here="${escaped(help)}">
<main>
<h1>${says.title}</h1>
${paragraph(says.lead)}
<section class="scan">
  <div class="qr">${renderSVG(help, { border: 2 })}</div>
  <p>${escaped(says.scan)}<br /><span class="mono">${escaped(help)}</span></p>
</section>
<section class="old-book" hidden data-old-book>
  <h2>${escaped(says.oldBook)}</h2>
  ${paragraph(says.oldBookHint)}
  <a class="main" href="/old-book">${says.saveOldBook}</a>
</section>
<section hidden data-old-book-saved>${paragraph(says.oldBookSaved)}</section>
<section class="trust" role="status" aria-live="polite">
  ${stateOf('looking', says.looking, says.waitingHint)}
  ${stateOf('waiting', says.waiting, says.waitingHint)}
  ${stateOf('notFound', says.notFound(hostname), away)}
  ${stateOf('trusted', says.trusted, says.trustedHint, open)}
  <noscript>${paragraph(says.withoutScript)}${open}</noscript>
</section>
${togetherSection}
<section class="address">
  <p>${says.addressIs}<br /><a href="${escaped(address)}">${escaped(address)}</a></p>
  ${paragraph(says.alwaysThis)}
</section>
<section class="caution">
  <h2>${says.caution}</h2>
  ${says.cautions.map(paragraph).join('')}
  <p class="fingerprint">${groups.map((row) => `<span>${row}</span>`).join(' ')}</p>
  ${paragraph(says.reach)}
</section>
<section>
  <h2>${says.stepsFor}</h2>
  ${DEVICE_KINDS.map(deviceOf).join('')}
</section>
</main>
<script src="/house/help.js"></script>
</body>
</html>
`;
}
