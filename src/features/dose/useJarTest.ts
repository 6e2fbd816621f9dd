import { useState } from 'react';
import type { DoseAnswer, PenAnswer } from '@/book/answers';
import { useDraft } from '@/book/react';
import { useFormats } from '@/shell/formats';
import type { AnyProduct } from '@/features/products/useProducts';
import { parseDecimal } from '@/words';
import { isAimPh } from '@/core/dosing';
import { jarSays } from '@/words/dose/jar';
import { jarPlan, type JarRow, type JarSetup } from './jarModel';

/** A jar test as it stands; kept as a draft, with when its sample was taken. */
interface JarDraft {
  readonly setup: JarSetup;
  readonly rows: readonly JarRow[];
  readonly aim: string;
  /** When the first reading was typed; 0 until then. */
  readonly sampledMs: number;
}

const EMPTY: JarRow = { drops: '', ph: '' };
const NEW_SAMPLE = { rows: [{ drops: '0', ph: '' }, EMPTY, EMPTY], sampledMs: 0 } as const;
const SETUP: JarSetup = { sampleL: '1', dilution: '50', dropsInMl: '20' };

/** The state of a jar test for one tank, its plan, and what can be done to it. */
export function useJarTest(props: {
  readonly answer: DoseAnswer;
  readonly pen: PenAnswer | undefined;
  readonly product: AnyProduct;
  readonly nowMs: number;
}) {
  const { answer, pen, product, nowMs } = props;
  const formats = useFormats();
  const { low, high } = answer.tank.body.phBand;
  const [draft, setDraft] = useState<JarDraft>({
    ...NEW_SAMPLE,
    setup: SETUP,
    aim: formats.number((low + high) / 2, 2),
  });
  const [why, setWhy] = useState('');
  const kept = useDraft<JarDraft>(`jar/${answer.tank.id}`, setDraft);
  const change = (next: Partial<JarDraft>) => {
    setDraft({ ...draft, ...next });
    kept.keep({ ...draft, ...next });
  };
  const typedAim = parseDecimal(draft.aim);
  const aimed = typedAim.ok && isAimPh(typedAim.value);
  const aimPh = aimed ? typedAim.value : (low + high) / 2;
  const { setup, rows } = draft;
  const plan = jarPlan({
    answer,
    setup,
    rows,
    pen,
    reagent: product.product.reagent,
    aimPh,
    sampledMs: draft.sampledMs || nowMs,
    chasingAccepted: why !== '',
    nowMs,
  });
  return {
    draft,
    plan,
    aimPh,
    aimMessage: aimed ? undefined : jarSays.aimMessage,
    why,
    setWhy,
    setSetup: (next: JarSetup) => change({ setup: next }),
    setAim: (aim: string) => change({ aim }),
    setRows: (next: readonly JarRow[]) => {
      const read = next.some(({ ph }) => ph !== '');
      change({ rows: next, sampledMs: read ? draft.sampledMs || nowMs : 0 });
    },
    newSample: () => change(NEW_SAMPLE),
    forget: kept.forget,
  };
}
