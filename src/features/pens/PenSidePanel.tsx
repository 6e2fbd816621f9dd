import type { PenDetailAnswer, PenSide } from '@/book/answers';
import { judgeReading } from '@/core/verdict';
import { useFormats } from '@/shell/formats';
import { WhyBudget } from '@/features/parts/WhyBudget';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { TOLERANCE_WORD } from '@/words';
import { penSays } from '@/words/pens/pen';
import { errorLine, lastCheckLine, nextCheckLine } from './penViewModel';

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
  const limit = ph
    ? penSays.plusMinusPh(formats.number(tolerance.high, 2))
    : `± ${formats.number(100 * tolerance.high, 0)} %`;
  return (
    <Panel>
      <Say bold>
        {ph ? 'pH' : 'EC'} {lastCheckLine(side, nowMs)}
      </Say>
      <Say size="large" face="mono" bold>
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
      <Say size="small">{nextCheckLine(side, nowMs)}</Say>
    </Panel>
  );
}
