import { Children, useContext, type ReactNode } from 'react';
import { StyleSheet, Text, type StyleProp, type TextStyle } from 'react-native';
import { PaneContext } from '../pane';
import { color } from '../tokens';
import { keepTogether } from './keepTogether';
import { FACE, typeStep, type TypeSize } from './type';

/** How loud a text is. */
export type TextTone =
  'ink' | 'soft' | 'action' | 'fit' | 'attention' | 'off' | 'plain' | 'onAction';

const TONE_COLOR: Readonly<Record<TextTone, string>> = {
  ink: color.ink,
  soft: color.inkSoft,
  action: color.action,
  fit: color.fit,
  attention: color.attention,
  off: color.off,
  plain: color.ink,
  onAction: color.onAction,
};

const together = (child: ReactNode) => (typeof child === 'string' ? keepTogether(child) : child);

interface Props {
  readonly children: ReactNode;
  readonly size?: TypeSize;
  readonly tone?: TextTone;
  readonly bold?: boolean;
  /** mono for numbers, slab for names and headings. */
  readonly face?: keyof typeof FACE;
  /** 1 for the place's own heading, 2 below it. */
  readonly heading?: 1 | 2 | 3;
  readonly live?: boolean;
  readonly id?: string;
  readonly style?: StyleProp<TextStyle>;
}

/** Every text of the app: one of the scale's sizes, a tone, a face. */
export function Say(props: Props) {
  const {
    children,
    size: asked = 'body',
    tone = 'ink',
    bold,
    face = 'text',
    heading,
    live,
    id,
    style,
  } = props;
  const beside = useContext(PaneContext) === 'beside';
  // Beside the main pane headings step down: one page, one first heading.
  const level = heading && beside ? heading + 1 : heading;
  const size = beside && heading === 1 && asked === 'huge' ? 'large' : asked;
  const weight = face === 'slab' || bold ? '600' : '400';
  return (
    <Text
      id={id}
      role={heading ? 'heading' : live ? 'status' : undefined}
      aria-level={level}
      aria-live={live ? 'polite' : undefined}
      style={[
        styles.text,
        typeStep(size),
        { color: TONE_COLOR[tone], fontFamily: FACE[face], fontWeight: weight },
        style,
      ]}
    >
      {typeof children === 'string' ? keepTogether(children) : Children.map(children, together)}
    </Text>
  );
}

const styles = StyleSheet.create({ text: { flexShrink: 1 } });
