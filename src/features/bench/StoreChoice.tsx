import { View } from 'react-native';
import type { Change } from '@/records';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Choice } from '@/ui/form';

/** What the pH tip is capped with after a sitting. */
export type CapLiquid = 'storage' | 'buffer' | 'paper' | 'tap';

const CAP_LIQUIDS = [
  { value: 'storage', label: 'storage solution' },
  { value: 'buffer', label: 'pH 4 or 7 buffer', hint: 'for a day; Zolder reminds' },
  { value: 'paper', label: 'damp paper', hint: 'for a day; Zolder reminds' },
  { value: 'tap', label: 'tap water', hint: 'for a day; Zolder reminds' },
] as const satisfies readonly { value: CapLiquid; label: string; hint?: string }[];

/** Asks what keeps the tip wet now. */
export function StoreChoice(props: {
  readonly value: CapLiquid;
  readonly onChoose: (value: CapLiquid) => void;
}) {
  return (
    <View>
      <Choice label="The pH tip is capped with" options={CAP_LIQUIDS} {...props} />
      <SchoolNote about="storage" />
    </View>
  );
}

/** What is booked of it: a stop-gap, so that it is not forgotten. */
export function capChanges(value: CapLiquid, penId: string, at: string): readonly Change[] {
  if (value === 'storage') return [];
  const note = CAP_LIQUIDS.find((each) => each.value === value)!.label;
  const stopGap: Change<'careEvent'> = {
    kind: 'careEvent',
    body: { penId, side: 'ph', what: 'stopGap', at, note },
  };
  return [stopGap as Change];
}
