import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { NotThere } from './NotThere';

/** In place of a pen that is not in this book. */
export function PenNotThere() {
  return (
    <NotThere
      title={commonSays.penNotInBook}
      hint={commonSays.maybeInOtherBook}
      label={commonSays.allPens}
      href={paths.pens}
    />
  );
}
