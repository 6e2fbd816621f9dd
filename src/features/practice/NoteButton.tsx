import { displayOf, shownValue, type Act, type World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { practiceSays } from '@/words/practice/benchWords';

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

/** What a number written down now is of: as found before a point was set in this cup, afterwards confirming. */
function noteOf(world: World): string | undefined {
  if (world.tip.at !== 'cup') return undefined;
  const { cup } = world.tip;
  const kind = world.cups[cup]?.label.kind;
  if (kind !== 'buffer' && kind !== 'standard') return cup;
  return world.points.length > 0 ? `confirm ${cup}` : `found ${cup}`;
}

/** Writes down what the display shows, where it shows anything and the tip is in a cup. */
export function NoteButton({ world, onAct }: Props) {
  const formats = useFormats();
  const value = shownValue(world);
  const what = noteOf(world);
  const { resolution } = displayOf(world);
  const ready = value !== undefined && what !== undefined;
  return (
    <Button
      wet
      grow
      disabled={!ready}
      label={
        value === undefined
          ? practiceSays.note
          : practiceSays.noteShown(formats.shown(value, resolution))
      }
      onPress={() => (ready ? onAct({ do: 'note', what }) : undefined)}
    />
  );
}
