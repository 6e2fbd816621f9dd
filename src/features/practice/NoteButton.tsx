import { noteFor } from '@/core/practice';
import { displayOf, shownValue, type Act, type World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { SCALE_LABEL } from '@/words';
import { practiceSays } from '@/words/practice/benchWords';

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

/** Writes down what the display shows, where it shows anything and the tip is in a cup. */
export function NoteButton({ world, onAct }: Props) {
  const formats = useFormats();
  const value = shownValue(world);
  const what = noteFor(world);
  const { resolution, unit } = displayOf(world);
  const unitWord = unit === 'pH' ? unit : SCALE_LABEL[unit];
  const ready = value !== undefined && what !== undefined;
  return (
    <Button
      wet
      grow
      disabled={!ready}
      label={
        value === undefined
          ? practiceSays.note
          : practiceSays.noteShown(formats.shown(value, resolution), unitWord)
      }
      onPress={() => (ready ? onAct({ do: 'note', what }) : undefined)}
    />
  );
}
