import { createElement, useId, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { FACE, Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { WHY_IDS, WHY_WORDS, whySays, type WhyId } from '@/words/practice/whyWords';
import { WHY_MODELS, type Point, type WhyModel, type WhyView } from './whyModels';

const WIDTH = 340;
const HEIGHT = 150;
const LEFT = 62;
const RIGHT = 12;
const TOP = 10;
const BOTTOM = 26;

/** The drawing of an explainer: its lines, the finger's mark, ends of the axes. */
function Drawing({ model, view }: { readonly model: WhyModel; readonly view: WhyView }) {
  const formats = useFormats();
  const { x, y } = model;
  const atX = (value: number) =>
    LEFT + ((value - x.from) / (x.to - x.from)) * (WIDTH - LEFT - RIGHT);
  const atY = (value: number) =>
    HEIGHT - BOTTOM - ((value - y.from) / (y.to - y.from)) * (HEIGHT - TOP - BOTTOM);
  const path = (points: readonly Point[]) =>
    points.map((point, at) => `${at === 0 ? 'M' : 'L'}${atX(point.x)} ${atY(point.y)}`).join('');
  const tick = { fontFamily: FACE.mono, fontSize: 12, fill: color.inkSoft } as const;
  return (
    <View role="img" aria-label={view.says}>
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Line x1={LEFT} y1={TOP} x2={LEFT} y2={HEIGHT - BOTTOM} stroke={color.ink} />
        <Line
          x1={LEFT}
          y1={HEIGHT - BOTTOM}
          x2={WIDTH - RIGHT}
          y2={HEIGHT - BOTTOM}
          stroke={color.ink}
        />
        {[y.from, y.to].map((value) => (
          <SvgText key={value} {...tick} x={LEFT - 4} y={atY(value) + 4} textAnchor="end">
            {`${formats.number(value, 1)} pH`}
          </SvgText>
        ))}
        <SvgText {...tick} x={LEFT} y={HEIGHT - 8}>
          {formats.number(x.from, 0)}
        </SvgText>
        <SvgText {...tick} x={WIDTH - RIGHT} y={HEIGHT - 8} textAnchor="end">
          {`${formats.number(x.to, 0)} ${x.label}`}
        </SvgText>
        {view.lines.map(({ points, soft }, at) => (
          <Path
            key={at}
            d={path(points)}
            fill="none"
            stroke={soft ? color.inkSoft : color.seriesPh}
            strokeWidth={soft ? 2 : 3}
            strokeDasharray={soft ? '5 4' : undefined}
          />
        ))}
        {view.mark ? (
          <Circle cx={atX(view.mark.x)} cy={atY(view.mark.y)} r={6} fill={color.action} />
        ) : null}
      </Svg>
    </View>
  );
}

/** One "why": a sentence, a drawing, a slider for a finger or the arrow keys. */
function Why({ id }: { readonly id: WhyId }) {
  const formats = useFormats();
  const sliderId = useId();
  const model = WHY_MODELS[id];
  const words = WHY_WORDS[id];
  const [at, setAt] = useState(model.first);
  const view = useMemo(() => model.view(at, formats), [model, at, formats]);
  return (
    <Panel>
      <Say size="large" face="slab" heading={2}>
        {words.title}
      </Say>
      <Say size="small">{words.text}</Say>
      <Drawing model={model} view={view} />
      <View style={styles.line}>
        <Say size="small" tone="soft">
          {words.finger}
        </Say>
        <Say bold face="mono">
          {model.value(at, formats)}
        </Say>
      </View>
      {createElement('input', {
        id: sliderId,
        type: 'range',
        min: model.min,
        max: model.max,
        step: model.step,
        value: at,
        'aria-label': words.finger,
        'aria-valuetext': model.value(at, formats),
        onChange: (event: { target: { value: string } }) => setAt(Number(event.target.value)),
        style: SLIDER,
      })}
      <View role="status" aria-live="polite">
        <Say bold>{view.says}</Say>
      </View>
    </Panel>
  );
}

/** Five explainers that answer to a finger. */
export function WhyScreen() {
  const back = useBack();
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        {whySays.title}
      </Say>
      <Say size="small" tone="soft">
        {whySays.about}
      </Say>
      <View style={styles.all}>
        {WHY_IDS.map((id) => (
          <View key={id} style={styles.one}>
            <Why id={id} />
          </View>
        ))}
      </View>
    </Screen>
  );
}

const SLIDER = { width: '100%', height: TOUCH, accentColor: color.action, margin: 0 } as const;

const styles = StyleSheet.create({
  line: { flexDirection: 'row', justifyContent: 'space-between', gap: space.s2 },
  all: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s3 },
  one: { flexGrow: 1, flexBasis: 320, maxWidth: 470, minWidth: 0 },
});
