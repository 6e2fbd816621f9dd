import Library from 'lucide-react-native/icons/library';
import Notebook from 'lucide-react-native/icons/notebook';
import Pen from 'lucide-react-native/icons/pen';
import Route from 'lucide-react-native/icons/route';
import Waves from 'lucide-react-native/icons/waves-horizontal';

/** The five places, in the order of the bar. */
export const PLACES = [
  { href: '/', label: 'Round', Icon: Route },
  { href: '/tanks', label: 'Tanks', Icon: Waves },
  { href: '/pens', label: 'Pens', Icon: Pen },
  { href: '/shelf', label: 'Shelf', Icon: Library },
  { href: '/book', label: 'Book', Icon: Notebook },
] as const;

/** The place a path belongs to; undefined outside all (settings, a reading). */
export function placeOf(path: string): string | undefined {
  if (path === '/' || path.startsWith('/read')) return '/';
  return PLACES.find(({ href }) => href !== '/' && path.startsWith(href))?.href;
}
