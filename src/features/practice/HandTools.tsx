import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Act, Cleaning, StoredIn, World } from '@/core/simulated-pen';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { CAP_WORDS, CLEANING_WORDS } from '@/words/practice/actWords';
import { PASSING, practiceSays } from '@/words/practice/benchWords';
import { PRACTICE_CAUTIONS } from '@/words/practice/taskWords';
import { BottleTools } from './BottleTools';
import { DoseTools } from './DoseTools';

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

interface Tool {
  readonly label: string;
  readonly act: Act;
}

const tool = (label: string, act: Act): Tool => ({ label, act });

/** What is at hand now: in a cup other things than in the air. */
function nearTools({ tip, profile }: World): readonly Tool[] {
  if (tip.at === 'cap') return [tool(practiceSays.uncap, { do: 'uncap' })];
  const rinse = tool(practiceSays.rinse, { do: 'rinse', with: 'tap' });
  const cap = tool(practiceSays.cap, { do: 'cap', with: 'storage' });
  if (tip.at === 'air') return [rinse, tool(practiceSays.shake, { do: 'shake' }), cap];
  return [
    tool(practiceSays.stir, { do: 'stir' }),
    ...(profile.ec ? [tool(practiceSays.tapOff, { do: 'tapOff' })] : []),
    rinse,
    tool(practiceSays.lift, { do: 'lift' }),
  ];
}

const FAR: readonly Tool[] = [
  tool(practiceSays.rinsePure, { do: 'rinse', with: 'pure' }),
  tool(practiceSays.blot, { do: 'blot' }),
  tool(practiceSays.wipe, { do: 'wipe' }),
  tool(practiceSays.touch, { do: 'touch' }),
];

const cleanings = ({ profile }: World): readonly Cleaning[] => [
  ...(profile.ph ? (['warmWater', 'swish', 'cleaner', 'brush', 'ethanol', 'scrape'] as const) : []),
  ...(profile.ec ? (['scrubFace'] as const) : []),
];

const CAPS = Object.keys(CAP_WORDS) as StoredIn[];

function Row({
  title,
  tools,
  onAct,
}: {
  readonly title?: string;
  readonly tools: readonly Tool[];
  readonly onAct: Props['onAct'];
}) {
  return (
    <View style={styles.part}>
      {title ? (
        <Say size="small" tone="soft" bold>
          {title}
        </Say>
      ) : null}
      <View style={styles.row}>
        {tools.map(({ label, act }) => (
          <Button key={label} label={label} onPress={() => onAct(act)} />
        ))}
      </View>
    </View>
  );
}

/** What a hand does most with the tip, as it stands now. */
export function NearTools({ world, onAct }: Props) {
  return (
    <View role="group" aria-label={practiceSays.hands} style={styles.row}>
      {nearTools(world).map(({ label, act }) => (
        <Button key={label} wet label={label} onPress={() => onAct(act)} />
      ))}
    </View>
  );
}

/** The rest: bottles, cleaning, caps, time; one press away. */
export function FarTools({ world, onAct }: Props) {
  const [open, setOpen] = useState(false);
  const { tip } = world;
  const clean = cleanings(world).map((how) => tool(CLEANING_WORDS[how], { do: 'clean', how }));
  const film = world.profile.ec ? [tool(practiceSays.wetFilm, { do: 'wetFilm' })] : [];
  return (
    <View style={styles.part}>
      <DoseTools world={world} onAct={onAct} />
      <Button label={open ? practiceSays.less : practiceSays.more} onPress={() => setOpen(!open)} />
      {open ? (
        <>
          {tip.at === 'cap' ? null : <Row tools={FAR} onAct={onAct} />}
          <BottleTools world={world} onAct={onAct} />
          {tip.at === 'cup' ? null : (
            <>
              <Row title={practiceSays.clean} tools={[...clean, ...film]} onAct={onAct} />
              {world.profile.ph ? (
                <Say size="tiny" tone="soft">
                  {PRACTICE_CAUTIONS.solvent}
                </Say>
              ) : null}
            </>
          )}
          <Row
            title={practiceSays.capIt}
            tools={CAPS.map((held) => tool(CAP_WORDS[held] ?? held, { do: 'cap', with: held }))}
            onAct={onAct}
          />
          <Row
            title={practiceSays.letPass}
            tools={PASSING.map(({ hours, label }) => tool(label, { do: 'rest', hours }))}
            onAct={onAct}
          />
        </>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: space.s2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
