import type { readSample } from '@/timers/sampleSchema';
import { fromChunk } from '@/shell/chunk';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { STILL_SPAN_PH } from '@/core/stillness';
import type { BenchPlan } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { liveSource, liveValue, type LiveSample } from '@/timers';
import { parseDecimal } from '@/words';
import type { Seen } from '@/words/bench/stillWords';
import type { Bench } from './useBench';

/** A source that was silent for so long has stopped, ms: it is to tell its value each second. */
const STOPPED_MS = 3000;

/** Live values beyond this say nothing more. */
const MOST = 600;

/**
 * Values of the display in this dip: noted by the grower, or told live. A value that moves beyond the
 * span starts the watch afresh, as the grower's own "It moved" would.
 */
export function useSeenValues(bench: Bench, plan: BenchPlan, penCode: string) {
  const formats = useFormats();
  const [live, setLive] = useState<readonly Seen[]>([]);
  const { draft } = bench;
  const noted = draft.samples ?? [];
  const samples = live.length > 0 ? live : noted;
  /** The value the watch runs for: one that moves away from it starts the watch afresh. */
  const base = useRef<number>(undefined);
  const onSample = useEffectEvent((sample: LiveSample) => {
    const { quantity, scale } = plan;
    const value = liveValue(sample, { quantity, scale, pen: penCode });
    if (value === undefined) return;
    const atMs = Date.now();
    setLive((before) => [...before.slice(1 - MOST), { atMs, value }]);
    const span = plan.quantity === 'ph' ? STILL_SPAN_PH : 2 * plan.resolution;
    const typed = formats.shown(value, plan.resolution);
    if (base.current !== undefined && Math.abs(value - base.current) <= span)
      return bench.type(typed);
    base.current = value;
    bench.change({ dipSinceMs: draft.dipSinceMs ?? atMs, stillSinceMs: atMs, typed });
  });
  useEffect(
    () =>
      liveSource(fromChunk<typeof readSample>('forms', 'readSample')).start((sample) =>
        onSample(sample),
      ),
    [],
  );
  const noteTyped = () => {
    const parsed = parseDecimal(draft.typed);
    if (!parsed.ok) return;
    const atMs = Date.now();
    const last = noted.at(-1);
    const moved = last === undefined || last.value !== parsed.value;
    bench.change({
      samples: [...noted, { atMs, value: parsed.value }],
      dipSinceMs: draft.dipSinceMs ?? atMs,
      stillSinceMs: moved ? atMs : (draft.stillSinceMs ?? atMs),
    });
  };
  /** Whether values still come: one that stopped coming tells nothing of standing still. */
  const isLive = (nowMs: number) => nowMs - (live.at(-1)?.atMs ?? -Infinity) <= STOPPED_MS;
  return { samples, noteTyped, isLive };
}
