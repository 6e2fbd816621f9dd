import { useState } from 'react';
import type { BenchAnswer } from '@/book/answers';
import { temperatureFromCelsius } from '@/core/units';
import { useFormats } from '@/shell/formats';
import type { FieldMessage, Formats } from '@/words';
import { cupsOf, isOneBottle, planOf, type Chosen, type Scope } from './preparePlan';
import type { Bench } from './useBench';

/** What a sitting is prepared for. */
export interface Preparing {
  readonly answer: BenchAnswer;
  readonly bench: Bench;
  readonly quantity: 'ph' | 'ec';
}

/** The temperature of cups that still stand, as it is typed. */
const standing = (tempC: number | undefined, formats: Formats) =>
  tempC === undefined
    ? ''
    : formats.number(temperatureFromCelsius(tempC, formats.settings.tempUnit), 1);

/** What is chosen before the first dip, and the sitting it comes to. */
export function usePreparing({ answer, bench, quantity }: Preparing) {
  const formats = useFormats();
  const [message, setMessage] = useState<FieldMessage>();
  const [scope, setScope] = useState<Scope>('full');
  const [touched, setTouched] = useState(false);
  const chosen: Chosen = bench.draft;
  const { kind, nominals: all, pouredOf } = cupsOf(answer, quantity, chosen);
  const oneBottle = quantity === 'ph' && isOneBottle(answer.pen.body, chosen);
  // Cups that still stand have their temperature already.
  const typed = bench.draft.typed || (touched ? '' : standing(answer.cupsTempC, formats));
  const type = (text: string) => {
    setMessage(undefined);
    setTouched(true);
    bench.type(text);
  };
  const begin = () => {
    const made = planOf({ answer, quantity, scope, chosen, formats, typed });
    setMessage(made.message);
    const { plan, also } = made;
    if (!plan) return;
    bench.change({
      plan: JSON.parse(JSON.stringify(plan)),
      also: also && { plan: JSON.parse(JSON.stringify(also)), events: [], typed: '' },
      typed: '',
      startedAt: new Date().toISOString(),
    });
  };
  return {
    kind,
    /** The cups of a whole check. */
    all,
    /** The cups of the check as it was chosen. */
    nominals: scope === 'first' ? all.slice(0, 1) : all,
    pouredOf,
    oneBottle,
    scope,
    setScope,
    typed,
    type,
    message,
    begin,
  };
}

export type Prepared = ReturnType<typeof usePreparing>;
