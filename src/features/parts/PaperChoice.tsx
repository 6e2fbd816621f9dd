import { Choice } from '@/ui/form';
import { printSays } from '@/words/print/print';
import type { Paper } from './printing';

interface Props {
  readonly paper: Paper;
  readonly onPaper: (paper: Paper) => void;
}

/** Which paper lies in the printer. */
export function PaperChoice({ paper, onPaper }: Props) {
  return (
    <Choice
      label={printSays.paper}
      value={paper}
      onChoose={onPaper}
      options={[
        { value: 'A4', label: 'A4' },
        { value: 'letter', label: printSays.letter },
      ]}
    />
  );
}
