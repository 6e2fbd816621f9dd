import { dayMs, dayText, instantOf } from '@/features/parts/days';
import { partsSays } from '@/words/parts/parts';
import type { Probe } from '@/records/kinds';

/** What is typed of a new probe; days as people write them, empty where unknown. */
export const EMPTY_PROBE = {
  fitted: '',
  serial: '',
  junction: '',
  connector: '',
  bought: '',
  guarantee: '',
  certificate: '',
};
export type ProbeForm = typeof EMPTY_PROBE;

/** What is wrong, by field. */
export type ProbeMessages = Partial<Record<keyof ProbeForm, string>>;

interface Fitted {
  readonly penId: Probe['penId'];
  readonly side: Probe['side'];
  readonly nowMs: number;
}

/** What is wrong with a typed probe, each message at its field; empty where it can be fitted. */
export function probeMessages(form: ProbeForm, nowMs: number): ProbeMessages {
  const messages: ProbeMessages = {};
  const todayMs = dayMs(dayText(new Date(nowMs).toISOString()));
  for (const field of ['fitted', 'bought', 'guarantee'] as const) {
    const text = form[field];
    if (text !== '' && Number.isNaN(dayMs(text))) messages[field] = partsSays.noDay;
    else if (field !== 'guarantee' && dayMs(text) > todayMs)
      messages[field] = 'A day that has been.';
  }
  const { bought, guarantee } = form;
  if (!messages.guarantee && guarantee !== '' && bought !== '' && dayMs(guarantee) < dayMs(bought))
    messages.guarantee = 'It ended before the probe was bought.';
  return messages;
}

/** The probe a form without messages stands for. Fitted today means now. */
export function probeOf(form: ProbeForm, { penId, side, nowMs }: Fitted): Probe {
  const { fitted, serial, junction, connector, bought, guarantee, certificate } = form;
  const fittedMs = fitted === '' ? nowMs : Math.min(nowMs, dayMs(fitted));
  return {
    penId,
    side,
    fittedAt: new Date(fittedMs).toISOString(),
    serial,
    junction: side === 'ph' ? junction : '',
    connector,
    boughtAt: instantOf(bought),
    guaranteeUntil: instantOf(guarantee),
    certificate,
    note: '',
  };
}
