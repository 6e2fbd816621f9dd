import type { PenDetailAnswer, PenSide } from '@/book/answers';
import { toleranceOf } from '@/core/calibration';
import { judgeReading } from '@/core/verdict';
import { useFormats } from '@/features/frame/formats';
import { WhyBudget } from '@/features/parts/WhyBudget';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
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
  const tolerance = toleranceOf(side.quantity, pen.body.tolerancePolicy);
  const { error } = side;
  const line = errorLine(side, formats);
  const limit = ph
    ? `± ${formats.number(tolerance, 2)} pH`
    : `± ${formats.number(100 * tolerance, 0)} %`;
  const band = { low: -tolerance, high: tolerance };
  return (
    <Panel>
      <Say bold>
        {ph ? 'pH' : 'EC'} {lastCheckLine(side, nowMs)}
      </Say>
      <Say size="large" face="mono" bold>
        {line}
      </Say>
      {error ? (
        <Notch
          size="row"
          band={band}
          reading={{
            value: error.error,
            expandedU: error.budget.expandedU,
            verdict: judgeReading(error.error, error.budget.stdU, band).verdict,
          }}
          sentence={`${line}; tolerance ${limit}.`}
        />
      ) : null}
      {error ? (
        <WhyBudget
          aside={`tolerance ${limit}; every reading is corrected by this`}
          of={`of the ${ph ? 'pH' : 'EC'} error`}
          budget={error.budget}
          write={(u) => (ph ? formats.number(u, 3) : `${formats.number(100 * u, 1)} %`)}
        />
      ) : (
        <Say size="small" tone="soft">
          The maker’s accuracy is all there is.
        </Say>
      )}
      <Say size="small">{nextCheckLine(side, nowMs)}</Say>
    </Panel>
  );
}
