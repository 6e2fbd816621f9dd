import { inBackground } from '@/trouble';
import { useRouter } from 'expo-router';
import {
  createContext,
  useContext,
  useEffect,
  useEffectEvent,
  useState,
  type ReactNode,
} from 'react';
import { useBook } from '@/book/react';
import { digitsField } from '@/ui/number-field';
import { PLACES } from '../navigation/places';
import { keepFocus } from './keepFocus';
import { meaningOf, type KeyAct } from './keyMap';

type Offers = Map<KeyAct, (() => void)[]>;
const OffersContext = createContext<Offers>(new Map());

/** Offers an act of this screen to the keyboard for as long as the screen is shown. */
export function useKeyAct(act: KeyAct, run: (() => unknown) | undefined): void {
  const offers = useContext(OffersContext);
  const pressed = useEffectEvent(() => inBackground('key', run?.()));
  const offered = run !== undefined;
  useEffect(() => {
    if (!offered) return;
    const entry = () => pressed();
    offers.set(act, [...(offers.get(act) ?? []), entry]);
    return () => {
      offers.set(
        act,
        (offers.get(act) ?? []).filter((other) => other !== entry),
      );
    };
  }, [act, offered, offers]);
}

/** Whether the focus stands where letters are typed. */
function isTyping(target: EventTarget | null): boolean {
  const element = target as HTMLElement | null;
  return !!element?.closest('input, textarea, select, [contenteditable=true]');
}

/** The field on this screen that takes digits, where one was typed. */
const fieldFor = (key: string): HTMLElement | null =>
  /^[0-9.,-]$/.test(key) ? digitsField() : null;

/** Binds the keys of the house; screens below offer what each does. The newest offer wins. */
export function Keys({ children }: { readonly children: ReactNode }) {
  const [offers] = useState<Offers>(() => new Map());
  const router = useRouter();
  const { device } = useBook();
  const { shortcuts } = device;
  useEffect(() => keepFocus(document), []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // A sheet over the page has the keys to itself.
      if (event.defaultPrevented || document.querySelector('[aria-modal=true]')) return;
      const { key, ctrlKey, metaKey, altKey } = event;
      const typing = isTyping(event.target);
      // A digit is meant for the field that waits for one: it never leads to a place then.
      const waiting = typing || ctrlKey || metaKey || altKey ? null : fieldFor(key);
      if (waiting) return waiting.focus();
      const meaning = meaningOf({ key, ctrlKey, metaKey, altKey, typing }, shortcuts);
      if (!meaning) return;
      if (meaning.kind === 'place') {
        const place = PLACES[meaning.index];
        if (place) router.navigate(place.href);
        return;
      }
      const run = offers.get(meaning.act)?.at(-1);
      if (!run) return;
      event.preventDefault();
      run();
    };
    // Before the fields: they keep their key presses to themselves.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [router, shortcuts, offers]);
  return <OffersContext.Provider value={offers}>{children}</OffersContext.Provider>;
}
