import type { ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { displayOf, type Act, type World } from '@/core/simulated-pen';
import { chunkPart } from '@/shell/chunk';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import type { Dragged } from '@/ui/drag';
import { Say } from '@/ui/text';
import { color, RADIUS, space } from '@/ui/tokens';
import { displaySentence, practiceSays } from '@/words/practice/benchWords';
import { faceOf } from '@/words/practice/faceWords';
import { keysOf, type Key } from './keysOf';

const Drag = chunkPart<ComponentProps<typeof Dragged>>('drag', 'Dragged');

/** The dragged pen’s name among what is dragged. */
export const PEN = 'pen';
const FACE_PX = 84;

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

/** What stands on the display: number, unit, temperature, signs. */
function Display({ world }: { readonly world: World }) {
  const formats = useFormats();
  const display = displayOf(world);
  const { lit, text, unit, said, signs } = faceOf(display, formats);
  return (
    <View role="img" aria-label={displaySentence(display, said)} style={styles.window}>
      <View style={styles.numbers}>
        <Say face="mono" size="hero" bold>
          {lit ? text : ' '}
        </Say>
        <Say size="small">{lit && display.state !== 'error' ? unit : ' '}</Say>
      </View>
      <View style={styles.signs}>
        <Say size="small" face="mono">
          {lit ? formats.temp(display.sensorC) : ' '}
        </Say>
        <Say size="tiny">{lit ? signs.join(' · ') : ' '}</Say>
      </View>
    </View>
  );
}

/** The pen lying on the bench: its display, and its probe at the tapered end, to be dragged to a cup. */
export function PenFace({ world }: { readonly world: World }) {
  return (
    <View style={styles.body}>
      <Display world={world} />
      <PenHandle />
    </View>
  );
}

/** The keys that its profile has. */
export function PenKeys({ world, onAct }: Props) {
  return (
    <View role="group" aria-label={practiceSays.keys} style={styles.keys}>
      {keysOf(world).map(({ id, label, acts }: Key) => (
        <Button key={id} label={label} onPress={() => onAct(...acts)} />
      ))}
    </View>
  );
}

/** The tip, for pointers: what it does there is a button too. */
function PenHandle() {
  return (
    <Drag id={PEN} title={practiceSays.dragIt}>
      <Svg width={44} height={FACE_PX} viewBox="0 0 44 84" aria-hidden>
        <Path
          d="M0 1L24 24V34H36Q43 42 36 50H24V60L0 83Z"
          fill={color.panel}
          stroke={color.ink}
          strokeWidth={2}
        />
      </Svg>
    </Drag>
  );
}

const styles = StyleSheet.create({
  body: { flexDirection: 'row', alignItems: 'center', maxWidth: 480 },
  window: {
    flex: 1,
    height: FACE_PX,
    justifyContent: 'center',
    paddingHorizontal: space.s4,
    borderWidth: 2,
    borderColor: color.ink,
    borderRightWidth: 0,
    borderTopLeftRadius: RADIUS,
    borderBottomLeftRadius: RADIUS,
    backgroundColor: color.panel,
  },
  numbers: { flexDirection: 'row', alignItems: 'baseline', gap: space.s2 },
  signs: { flexDirection: 'row', gap: space.s3, alignItems: 'baseline' },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
