import type { ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import type { Act, Cup, World } from '@/core/simulated-pen';
import { chunkPart } from '@/shell/chunk';
import { useFormats } from '@/shell/formats';
import { Press } from '@/ui/button';
import type { DropSpot } from '@/ui/drag';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { cupLabelWords } from '@/words/practice/actWords';
import { practiceSays } from '@/words/practice/benchWords';

const Drop = chunkPart<ComponentProps<typeof DropSpot>>('drag', 'DropSpot');

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

/** How full a cup is drawn, of 100. */
const levelOf = ({ liquid, label }: Cup): number =>
  label.kind === 'tank' ? 84 : liquid.volumeMl < 1 ? 0 : Math.min(84, 40 + liquid.volumeMl / 4);

/** A cup with its liquid; the tip in it where the pen is there. */
function CupDrawing({ cup, here }: { readonly cup: Cup; readonly here: boolean }) {
  const level = levelOf(cup);
  const top = 100 - level;
  const inset = 8 + (top * 8) / 100;
  return (
    <Svg width="100%" height={68} viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden>
      {level > 0 ? (
        <Path d={`M${inset} ${top}H${100 - inset}L84 98H16Z`} fill={color.wood} />
      ) : null}
      <Path
        d="M8 4L16 98H84L92 4"
        fill="none"
        stroke={here ? color.action : color.ink}
        strokeWidth={here ? 4 : 2}
        vectorEffect="non-scaling-stroke"
      />
      {here ? (
        <Path
          d="M42 0V38H46Q50 50 54 38H58V0"
          fill={color.panel}
          stroke={color.ink}
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      ) : null}
    </Svg>
  );
}

/** Every cup as a button to dip in, and as a place to drop the pen on. */
export function CupsGrid({ world, onAct }: Props) {
  const formats = useFormats();
  const cups = Object.values(world.cups);
  const at = world.tip.at === 'cup' ? world.tip.cup : undefined;
  return (
    <View role="group" aria-label={practiceSays.cups} style={styles.grid}>
      {cups.map((cup) => {
        const name = cupLabelWords(cup.label, formats);
        const here = at === cup.id;
        const warm =
          cup.label.kind === 'tank'
            ? ''
            : cup.liquid.volumeMl < 1
              ? practiceSays.cupEmpty
              : formats.temp(cup.liquid.tempC);
        return (
          <View key={cup.id} style={styles.cell}>
            <Drop id={cup.id} style={COLUMN}>
              <Press
                name={here ? practiceSays.isIn(name) : practiceSays.dipIn(name)}
                onPress={() => (here ? onAct({ do: 'stir' }) : onAct({ do: 'dip', cup: cup.id }))}
                style={styles.cup}
              >
                <CupDrawing cup={cup} here={here} />
                <Say size="small" face="mono" bold style={styles.center}>
                  {name}
                </Say>
              </Press>
              {warm ? (
                <Say size="tiny" tone="soft" style={styles.center}>
                  {warm}
                </Say>
              ) : null}
            </Drop>
          </View>
        );
      })}
    </View>
  );
}

/** Cup, name and warmth one under the other, as wide as each other. */
const COLUMN = { display: 'flex', flexDirection: 'column' } as const;

const styles = StyleSheet.create({
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
  cell: { width: '23%', maxWidth: 112 },
  cup: { minHeight: 92 },
  center: { textAlign: 'center' },
});
