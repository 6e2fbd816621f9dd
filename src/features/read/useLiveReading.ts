import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { useBook } from '@/book/react';
import {
  judgeStillness,
  STILL_SPAN_PH,
  STILL_WINDOW_MS,
  type DisplaySample,
  type StillnessState,
} from '@/core/stillness';
import type { ReadField } from '@/records/samples';
import { fromChunk } from '@/shell/chunk';
import { callAttention, liveSource, liveValue, type LiveSample, type Wanted } from '@/timers';
import type { readSample } from '@/timers/sampleSchema';
import type { useReadForm } from './useReadForm';

/** Live values beyond this say nothing more. */
const MOST = 300;

/** What is told live of a side: its values, and whether they stand still. */
export interface LiveSide {
  readonly quantity: 'ph' | 'ec';
  readonly state: StillnessState;
}

type Values = Readonly<Partial<Record<ReadField, readonly DisplaySample[]>>>;

/**
 * Values told live fill the fields of Read, as long as nobody types there; a side that comes to rest is
 * called once. Empty where nothing is told.
 */
export function useLiveReading(form: ReturnType<typeof useReadForm>): readonly LiveSide[] {
  const { device } = useBook();
  const [values, setValues] = useState<Values>({});
  /** What was filled in last: a field that says something else was typed in by hand. */
  const filled = useRef<Partial<Record<ReadField, string>>>({});
  const { formats, phPen, ecPen } = form;
  const digit = {
    ph: phPen?.body.ph?.resolutionPh ?? 0.01,
    ec: ecPen?.body.ec?.resolution ?? 0.01,
    temp: 0.1,
  };
  const take = useEffectEvent((field: ReadField, value: number) => {
    const typed = form.typed[field];
    if (typed !== '' && typed !== filled.current[field]) return;
    const text = formats.shown(value, digit[field]);
    filled.current[field] = text;
    if (text !== typed) form.type(field)(text);
    const sample = { atMs: Date.now(), shown: value };
    setValues((all) => ({ ...all, [field]: [...(all[field] ?? []).slice(1 - MOST), sample] }));
  });
  const onSample = useEffectEvent((sample: LiveSample) => {
    const wanted: Readonly<Record<ReadField, Wanted | undefined>> = {
      ph: phPen && { quantity: 'ph', pen: phPen.body.code },
      ec: ecPen && { quantity: 'ec', pen: ecPen.body.code, scale: ecPen.body.ec?.scale },
      temp: { quantity: 'temp', tempUnit: formats.settings.tempUnit },
    };
    for (const field of ['ph', 'ec', 'temp'] as const) {
      const asked = wanted[field];
      // A value without its quantity is of the pH, where there is one.
      const skip = field === 'ec' && sample.quantity === undefined && phPen !== undefined;
      const value = asked && !skip ? liveValue(sample, asked) : undefined;
      if (value !== undefined) take(field, value);
    }
  });
  useEffect(
    () =>
      liveSource(fromChunk<typeof readSample>('forms', 'readSample')).start((sample) =>
        onSample(sample),
      ),
    [],
  );
  const sides = (['ph', 'ec'] as const).flatMap((quantity): readonly LiveSide[] => {
    const samples = values[quantity] ?? [];
    if (samples.length < 2) return [];
    const resolution = digit[quantity];
    const span = quantity === 'ph' ? STILL_SPAN_PH : 2 * resolution;
    return [
      { quantity, state: judgeStillness(samples, { windowMs: STILL_WINDOW_MS, span, resolution }) },
    ];
  });
  const still = sides.length > 0 && sides.every(({ state }) => state.word === 'still');
  useEffect(() => {
    if (still && device.sounds) callAttention();
  }, [still, device.sounds]);
  return sides;
}
