import Library from 'lucide-react-native/icons/library';
import Notebook from 'lucide-react-native/icons/notebook';
import Pen from 'lucide-react-native/icons/pen';
import Route from 'lucide-react-native/icons/route';
import Waves from 'lucide-react-native/icons/waves-horizontal';
import { paths, type Path } from './paths';

/** The five places, in the order of the bar. */
export const PLACES = [
  { href: paths.round, label: 'Round', Icon: Route },
  { href: paths.tanks, label: 'Tanks', Icon: Waves },
  { href: paths.pens, label: 'Pens', Icon: Pen },
  { href: paths.shelf, label: 'Shelf', Icon: Library },
  { href: paths.book, label: 'Book', Icon: Notebook },
] as const;

/** The place a path belongs to; undefined outside all (settings, a reading). */
export function placeOf(path: string): Path | undefined {
  if (path === paths.round || path.startsWith('/read')) return paths.round;
  return PLACES.find(({ href }) => href !== paths.round && path.startsWith(href))?.href;
}
