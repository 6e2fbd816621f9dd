/** What can be pressed or filled in. */
const FOCUSABLE =
  'button, [role=button], a[href], input, select, textarea, [role=radio][tabindex="0"], [role=switch]';

/** Whether something can take the focus now. */
const canTake = (element: HTMLElement): boolean =>
  !element.matches('[disabled], [aria-disabled=true]') &&
  !element.closest('[inert], [aria-hidden=true]');

/** What stands round an element, from its parent outward. */
function around(element: Element): HTMLElement[] {
  const list: HTMLElement[] = [];
  for (let at = element.parentElement; at; at = at.parentElement) list.push(at);
  return list;
}

/** Lets a place hold the focus until it goes on. */
function hold(place: HTMLElement): void {
  if (place.tabIndex < 0 && !place.hasAttribute('tabindex')) {
    place.setAttribute('tabindex', '-1');
    place.addEventListener('blur', () => place.removeAttribute('tabindex'), { once: true });
  }
  place.focus({ preventScroll: true });
}

/**
 * Keeps the keyboard where it was: where the thing in focus vanishes because of its own press (a question
 * takes its place, a row goes), the nearest place round it that can still be used holds the focus, and Tab
 * goes on within it. Not what can be pressed there: an Enter that comes twice would answer the question it
 * asked. Nothing is done before somebody uses Tab, and nothing where another address was opened. Answers how
 * to stop.
 */
export function keepFocus(page: Document): () => void {
  let last: { element: Element; around: HTMLElement[]; path: string } | undefined;
  const pathNow = () => page.defaultView?.location.pathname ?? '';
  const look = () => {
    if (!last || last.element.isConnected || page.activeElement !== page.body) return;
    const { around: once, path } = last;
    last = undefined;
    if (path !== pathNow()) return;
    const place = once.find(
      (one) =>
        one.isConnected &&
        one !== page.body &&
        Array.from(one.querySelectorAll<HTMLElement>(FOCUSABLE)).some(canTake),
    );
    if (place) hold(place);
  };
  const observer = new MutationObserver(look);
  const onFocus = ({ target }: FocusEvent) => {
    if (!(target instanceof Element) || target === page.body) return;
    last = { element: target, around: around(target), path: pathNow() };
  };
  const onKey = ({ key }: KeyboardEvent) => {
    if (key !== 'Tab') return;
    page.removeEventListener('keydown', onKey, true);
    page.addEventListener('focusin', onFocus);
    observer.observe(page.body, { childList: true, subtree: true });
  };
  page.addEventListener('keydown', onKey, true);
  return () => {
    observer.disconnect();
    page.removeEventListener('keydown', onKey, true);
    page.removeEventListener('focusin', onFocus);
  };
}
