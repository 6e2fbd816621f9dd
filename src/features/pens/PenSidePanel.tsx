import type { PenDetailAnswer, PenSide } from '@/book/answers';
import { endSoak } from '@/acts';
import { useAct } from '@/book/react';
import { judgeReading } from '@/core/verdict';
import { Button } from '@/ui/button';
import { useFormats } from '@/shell/formats';
import { WhyBudget } from '@/features/parts/WhyBudget';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { TOLERANCE_WORD, type Formats } from '@/words';
import { penSays } from '@/words/pens/pen';
import { errorLine, lastCheckLine, nextCheckLine } from '@/words/pens/penLines';

/** How far off a side may be: the same to both sides, or as its leaflet has it. */
function limitOf({ low, high }: PenSide['tolerance'], ph: boolean, formats: Formats): string {
  const write = (value: number) => (ph ? formats.number(value, 2) : formats.number(100 * value, 0));
  const unit = ph ? 'pH' : '%';
  const even = write(-low) === write(high);
  return even
    ? penSays.limitEven(write(high), unit)
    : penSays.limitBetween({ below: write(-low), above: write(high), unit });
}

/** Ends a soak before its time. */
function SoakIsOver({ soak }: { readonly soak: NonNullable<PenSide['soak']> }) {
  const { act, busy } = useAct();
  const over = () => act(endSoak(soak, soak.body, new Date().toISOString()));
  return <Button label={penSays.soakIsOver} disabled={busy} onPress={over} />;
}

/** One side: its error in the notch of its tolerance. */
export function PenSidePanel(props: {
  readonly pen: PenDetailAnswer;
  readonly side: PenSide;
  readonly nowMs: number;
}) {
  const { pen, side, nowMs } = props;
  const formats = useFormats();
  const ph = side.quantity === 'ph';
  const { error, tolerance, state } = side;
  const line = errorLine(side, formats);
  const limit = limitOf(tolerance, ph, formats);
  return (
    <Panel>
      <Say bold>
        {ph ? 'pH' : 'EC'} {lastCheckLine(side, nowMs)}
      </Say>
      <Say size="large" face={error ? 'mono' : 'text'} bold>
        {line}
      </Say>
      {error && state.standing === 'checked' ? (
        <Notch
          size="row"
          band={tolerance}
          reading={{
            value: error.error,
            expandedU: error.budget.expandedU,
            verdict: judgeReading(error.error, { stdU: error.budget.stdU }, tolerance).verdict,
          }}
          sentence={penSays.withTolerance(line, limit)}
        />
      ) : null}
      {error ? (
        <WhyBudget
          aside={penSays.toleranceAndSchool(limit, TOLERANCE_WORD[pen.body.tolerancePolicy])}
          of={penSays.ofError(ph ? 'pH' : 'EC')}
          budget={error.budget}
          write={(u) => (ph ? formats.number(u, 3) : `${formats.number(100 * u, 1)} %`)}
        />
      ) : (
        <Say size="small" tone="soft">
          {penSays.onlyMakersAccuracy}
        </Say>
      )}
      {pen.body.gone ? null : <Say size="small">{nextCheckLine(side, nowMs, pen.word)}</Say>}
      {side.soak ? <SoakIsOver soak={side.soak} /> : null}
    </Panel>
  );
}
