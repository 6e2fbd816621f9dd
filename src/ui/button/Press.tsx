import type { ReactNode } from 'react';
import { inBase } from '@/ui/inBase';
import { inBackground } from '@/trouble';
import { Pressable, type StyleProp, type ViewStyle } from 'react-native';

interface Props {
  /** A name for screen readers where the text inside is not enough; it must contain that text. */
  readonly name?: string | undefined;
  /** What it does; work that goes on may be answered, its failure is then noted. */
  readonly onPress: () => unknown;
  readonly children: ReactNode;
  readonly role?: 'button' | 'link' | 'radio' | 'switch' | 'checkbox' | 'tab';
  /** Where a link goes; makes it a real anchor. */
  readonly href?: string;
  /** Where a button leads, for a press before the app is there (`public/boot.js`). */
  readonly leadsTo?: string | undefined;
  readonly checked?: boolean;
  readonly current?: boolean;
  /** −1: reached by arrows, not by Tab. */
  readonly tabIndex?: 0 | -1;
  readonly disabled?: boolean;
  /** Shown when the pointer rests on it. */
  readonly title?: string | undefined;
  readonly style?: StyleProp<ViewStyle>;
}

/** Anything that can be pressed: named, focusable, a real link where it leads somewhere. */
export function Press(props: Props) {
  const {
    name,
    onPress,
    children,
    role = 'button',
    href,
    leadsTo,
    checked,
    current,
    tabIndex,
    disabled,
    title,
    style,
  } = props;
  const web = {
    href: href === undefined ? undefined : inBase(href),
    title,
    dataSet: leadsTo === undefined ? undefined : { go: leadsTo },
    'aria-current': current ? 'page' : undefined,
  } as object;
  return (
    <Pressable
      {...web}
      role={href ? 'link' : (role as 'button')}
      aria-label={name}
      aria-checked={checked}
      disabled={disabled}
      {...(tabIndex === undefined ? {} : { tabIndex })}
      {...(role === 'radio' || role === 'switch' || role === 'checkbox' ? keys(onPress) : {})}
      onPress={(event) => {
        if (href && elsewhere(event.nativeEvent)) return;
        event.preventDefault();
        inBackground('press', onPress());
      }}
      style={style}
    >
      {children}
    </Pressable>
  );
}

/** A press that is meant for another tab or window: the browser's own business. */
const elsewhere = (event: object) => {
  const { ctrlKey, metaKey, shiftKey } = event as Partial<MouseEvent>;
  return ctrlKey === true || metaKey === true || shiftKey === true;
};

interface KeyPress {
  readonly key: string;
  readonly currentTarget: unknown;
  preventDefault(): void;
}

const STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
};

/** What a keyboard expects of a choice: space takes it, arrows go to the next one and take it. */
function keys(onPress: () => unknown): object {
  return {
    onKeyDown: (event: KeyPress) => {
      const here = event.currentTarget as HTMLElement;
      const step = STEPS[event.key];
      if (event.key === ' ') {
        event.preventDefault();
        inBackground('press', onPress());
      } else if (step !== undefined) {
        event.preventDefault();
        const group = here.closest('[role=radiogroup]');
        const all = Array.from(group?.querySelectorAll<HTMLElement>('[role=radio]') ?? []);
        const next = all[(all.indexOf(here) + step + all.length) % all.length];
        next?.focus();
        next?.click();
      }
    },
  };
}
