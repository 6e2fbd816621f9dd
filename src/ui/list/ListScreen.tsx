import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
import {
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type ReactNode,
  type RefCallback,
  type RefObject,
} from 'react';
import { StyleSheet, View, type ScrollView } from 'react-native';
import { PlaceFrame } from '../layout';
import { space } from '../tokens';
import { whenIdle } from '../whenIdle';
import { useRowKeys } from './useRowKeys';

interface Props {
  /** What stands over the rows and scrolls with them. */
  readonly children: ReactNode;
  readonly actions?: ReactNode;
  /** What the list is called. */
  readonly label: string;
  /** What it lists, where one list shows now this and now that. */
  readonly about?: string;
  readonly count: number;
  /** Height of a row before it was seen, px. */
  readonly estimate: number;
  /** Draws a row; its control takes the tab index it is given. */
  readonly row: (index: number, tabIndex: 0 | -1) => ReactNode;
  /** Whether what a row says has come; until then it stays as high as it was taken for. */
  readonly isHere: (index: number) => boolean;
  /** Told which rows are drawn, first and last, whenever that changes. */
  readonly onDrawn?: (first: number, last: number) => void;
}

/**
 * Rows placed and measured together: where each row stands is worked out for the whole list whenever one
 * of them turns out higher than it was taken for.
 */
const TOGETHER = 5;
/** Such parts drawn over and under what is seen, so that a flick of the thumb meets no gap. */
const OVERSCAN = 2;

/** Where the parts of a list stand. */
type Parts = Virtualizer<HTMLElement, HTMLElement>;

/** Where each list was left, by its name and length: Back comes to the row it left from. */
const left = new Map<string, Pick<Parts, 'scrollOffset' | 'measurementsCache'>>();

/** What a scroll view scrolls. */
const nodeOf = ({ current }: RefObject<ScrollView | null>) =>
  current?.getScrollableNode() as HTMLElement | undefined;

/** The first row in sight; undefined before the list was looked at. */
function firstInSight({ range, scrollOffset, measurementsCache }: Parts): number | undefined {
  const part = range && measurementsCache[range.startIndex];
  if (!part) return undefined;
  const passed = Math.ceil(((scrollOffset ?? 0) - part.start) / (part.size / TOGETHER));
  return part.index * TOGETHER + Math.min(Math.max(passed, 0), TOGETHER - 1);
}

/** Where a part stands, px, and how high it is until it was measured. */
const standing = (topPx: number, height?: number) => ({
  transform: [{ translateY: topPx }],
  ...(height === undefined ? {} : { height }),
});

/** The rows from one to another. */
const rowsFrom = (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, at) => first + at);

/** A place of very many rows: only those in sight are drawn. */
export function ListScreen({
  children,
  actions,
  label,
  about = '',
  count,
  estimate,
  row,
  isHere,
  onDrawn,
}: Props) {
  const scroller = useRef<ScrollView>(null);
  const [top, setTop] = useState(0);
  // What is seen comes first, the rest a part in each idle moment.
  const [overscan, setOverscan] = useState(0);
  useEffect(
    () => (overscan < OVERSCAN ? whenIdle(() => setOverscan(overscan + 1)) : undefined),
    [overscan],
  );
  const here = `${label} ${about} ${count}`;
  const [before] = useState(() => left.get(here));
  const parts = useVirtualizer<HTMLElement, HTMLElement>({
    count: Math.ceil(count / TOGETHER),
    estimateSize: (part) => estimate * Math.min(TOGETHER, count - part * TOGETHER),
    indexAttribute: 'data-part',
    overscan,
    initialOffset: before?.scrollOffset ?? 0,
    // Taken for as high as the window until it is seen: so what is in sight is drawn at once.
    initialRect: { width: window.innerWidth, height: window.innerHeight },
    scrollMargin: top,
    // A scroll view's own scrollTo takes x and y, and glides: it would lead back to the top.
    scrollToFn: (offset, { adjustments = 0 }, { scrollElement }) => {
      if (scrollElement) scrollElement.scrollTop = offset + adjustments;
    },
    initialMeasurementsCache: before?.measurementsCache ?? [],
    getScrollElement: () => nodeOf(scroller) ?? null,
  });
  const drawn = parts.getVirtualItems();
  const rowsOf = (part: number) =>
    [part * TOGETHER, Math.min((part + 1) * TOGETHER, count) - 1] as const;
  const first = (drawn[0]?.index ?? 0) * TOGETHER;
  const last = Math.max(first, rowsOf(drawn.at(-1)?.index ?? 0)[1]);
  const { list, tabStop, web } = useRowKeys({
    count,
    first,
    last,
    inSight: Math.min(firstInSight(parts) ?? first, last),
    show: (index) => parts.scrollToIndex(Math.floor(index / TOGETHER)),
  });
  // What stands over the list grows and shrinks: then where the first row stands is looked at anew.
  const look = () => setTop((list.current as unknown as HTMLElement | null)?.offsetTop ?? 0);
  useEffect(() => {
    if (before?.scrollOffset) parts.scrollToOffset(before.scrollOffset);
  }, [before, parts]);
  useEffect(() => onDrawn?.(first, last), [first, last, onDrawn]);
  // As it stands when it is left: the virtualizer hears of a scroll a frame later.
  useLayoutEffect(
    () => () => {
      const scrollOffset = nodeOf(scroller)?.scrollTop ?? parts.scrollOffset;
      // Where parts stand is worked out when it is asked for: what was measured last counts too.
      parts.getTotalSize();
      left.set(here, { scrollOffset, measurementsCache: parts.measurementsCache });
    },
    [here, parts],
  );
  const isCome = (part: number) => rowsFrom(...rowsOf(part)).every(isHere);
  const measure = parts.measureElement as unknown as RefCallback<View>;
  return (
    <PlaceFrame actions={actions} label={label} scroller={scroller}>
      <View onLayout={look} style={styles.over}>
        {children}
      </View>
      <View
        ref={list}
        role="list"
        aria-label={label}
        tabIndex={-1}
        {...web}
        style={[styles.list, { height: parts.getTotalSize() }]}
      >
        {drawn.map(({ index: part, start, size }) => (
          <View
            key={part}
            {...(isCome(part) ? { ref: measure } : {})}
            {...({ dataSet: { part } } as object)}
            style={[styles.part, standing(start - top, isCome(part) ? undefined : size)]}
          >
            {rowsFrom(...rowsOf(part)).map((index) => (
              <View
                key={index}
                role="listitem"
                aria-setsize={count}
                aria-posinset={index + 1}
                {...({ dataSet: { index } } as object)}
              >
                {row(index, index === tabStop ? 0 : -1)}
              </View>
            ))}
          </View>
        ))}
      </View>
    </PlaceFrame>
  );
}

const styles = StyleSheet.create({
  over: { width: '100%', maxWidth: 960, gap: space.s3 },
  list: { width: '100%', maxWidth: 960 },
  part: { position: 'absolute', left: 0, top: 0, width: '100%' },
});
