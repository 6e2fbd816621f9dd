import {
  type CupId,
  dipReading,
  judgeDip,
  sittingDips,
  type BenchEvent,
  type BenchPlan,
  type DipPhase,
} from '@/core/procedure';
import { StyleSheet, View } from 'react-native';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { useFormats } from '@/shell/formats';
import { FACE, Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { sittingSays } from '@/words/bench/sitting';
import { cupName } from '@/words/bench/cupWords';

interface Props {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
  readonly now?: { readonly phase: DipPhase; readonly cupId: CupId } | undefined;
}

const PHASE_LABEL = { asFound: sittingSays.asFound, asLeft: 'adjust', confirm: 'confirm' } as const;

/** The cups of the sitting in order: done, now, to come. */
export function CupsStrip({ plan, events, now }: Props) {
  const formats = useFormats();
  const adjusting = events.some((event) => event.type === 'adjust');
  const { found, left } = sittingDips(plan, events);
  const dips = adjusting ? [...found, ...left] : found;
  return (
    <View role="list" aria-label={commonSays.cups} style={styles.strip}>
      {dips.map(({ phase, cup }) => {
        const { reading } = dipReading(events, phase, cup.id);
        const current = now?.phase === phase && now.cupId === cup.id;
        const within = reading && judgeDip(plan, cup, phase, reading.shown).within;
        const state = current ? 'now' : reading ? (within ? 'good' : 'out') : sittingSays.toCome;
        const name = cupName(cup, formats);
        return (
          <View
            key={`${phase}-${cup.id}`}
            role="listitem"
            aria-label={sittingSays.cupState({ phaseLabel: PHASE_LABEL[phase], name, state })}
            style={styles.cup}
          >
            <CupDrawing name={name} state={state} />
            <Say size="tiny" tone={current ? 'action' : 'soft'} bold={current}>
              {PHASE_LABEL[phase]}
            </Say>
          </View>
        );
      })}
    </View>
  );
}

function CupDrawing({ name, state }: { readonly name: string; readonly state: string }) {
  const now = state === 'now';
  const fill = now ? color.actionWash : state === sittingSays.toCome ? color.panel : color.wood;
  return (
    <Svg width={52} height={50} viewBox="0 0 52 50" aria-hidden>
      <Path d="M6 20L9 48H43L46 20Z" fill={fill} />
      <Path
        d="M4 2L9 48H43L48 2Z"
        fill="none"
        stroke={now ? color.action : color.ink}
        strokeWidth={now ? 3 : 1.5}
      />
      {state === 'good' || state === 'out' ? (
        <Path
          d={state === 'good' ? 'M18 12L23 17L34 5' : 'M20 5L32 16M32 5L20 16'}
          fill="none"
          stroke={state === 'good' ? color.fit : color.off}
          strokeWidth={3}
        />
      ) : null}
      <SvgText
        x={26}
        y={38}
        textAnchor="middle"
        fontSize={12.5}
        fontFamily={FACE.mono}
        fontWeight="700"
        fill={color.ink}
      >
        {name}
      </SvgText>
    </Svg>
  );
}

const styles = StyleSheet.create({
  strip: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
  cup: { alignItems: 'center', minWidth: 56 },
});
