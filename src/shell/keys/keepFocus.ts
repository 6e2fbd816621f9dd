/** What a Tab stops at. */
const FOCUSABLE =
  'button, [role=button], a[href], input, select, textarea, [role=radio][tabindex="0"], [role=switch]';

/** Whether something can take the focus now. */
const canTake = (element: HTMLElement): boolean =>
  !element.matches('[disabled], [aria-disabled=true]') &&
  !element.closest('[inert], [aria-hidden=true]');

/** What stands round an element, from its parent outward. */
function around(element: Element): Element[] {
  const list: Element[] = [];
  for (let at = element.parentElement; at; at = at.parentElement) list.push(at);
  return list;
}

/**
 * Keeps the keyboard where it was: where the thing in focus vanishes because of its own press (a question
 * takes its place, a row goes), the nearest thing that stands where it stood takes the focus. Nothing is done
 * before somebody uses Tab, and nothing where another address was opened. Answers how to stop.
 */
export function keepFocus(page: Document): () => void {
  let last: { element: Element; around: Element[]; path: string } | undefined;
  const pathNow = () => page.defaultView?.location.pathname ?? '';
  const look = () => {
    if (!last || last.element.isConnected || page.activeElement !== page.body) return;
    const { around: once, path } = last;
    last = undefined;
    if (path !== pathNow()) return;
    for (const place of once.filter((one) => one.isConnected && one !== page.body)) {
      const next = Array.from(place.querySelectorAll<HTMLElement>(FOCUSABLE)).find(canTake);
      if (next) return next.focus();
    }
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
