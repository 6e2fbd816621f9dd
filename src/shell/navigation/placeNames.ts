import { paths } from './paths';

/** The five places, in the order of the bar. */
export const PLACE_NAMES = [
  { href: paths.round, label: 'Round', icon: 'route' },
  { href: paths.tanks, label: 'Tanks', icon: 'waves-horizontal' },
  { href: paths.pens, label: 'Pens', icon: 'pen' },
  { href: paths.shelf, label: 'Shelf', icon: 'library' },
  { href: paths.book, label: 'Book', icon: 'notebook' },
] as const;
