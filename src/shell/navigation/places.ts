import Library from 'lucide-react-native/icons/library';
import Notebook from 'lucide-react-native/icons/notebook';
import Pen from 'lucide-react-native/icons/pen';
import Route from 'lucide-react-native/icons/route';
import Waves from 'lucide-react-native/icons/waves-horizontal';
import { paths, type Path } from './paths';
import { PLACE_NAMES } from './placeNames';

const ICONS = {
  route: Route,
  'waves-horizontal': Waves,
  pen: Pen,
  library: Library,
  notebook: Notebook,
} as const;

/** The five places with their icons, in the order of the bar. */
export const PLACES = PLACE_NAMES.map((place) => ({ ...place, Icon: ICONS[place.icon] }));

/** The place a path belongs to; undefined outside all (settings, a reading). */
export function placeOf(path: string): Path | undefined {
  if (path === paths.round || path.startsWith('/read')) return paths.round;
  return PLACES.find(({ href }) => href !== paths.round && path.startsWith(href))?.href;
}
