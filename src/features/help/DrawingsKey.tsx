import { useFormats } from '@/shell/formats';
import { Measured, Strip } from '@/ui/chart';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { color } from '@/ui/tokens';
import { writeError } from '@/words/pens/driftWords';
import type { DrawingsKeyProps } from './drawingsKey';

const HEIGHT = 130;
const LEFT = 84;
/** The band of the readings, pH. */
const BAND = { low: 5.5, high: 6.5 };

/** What the drawings mean, each drawn by the hand that draws the true ones, and said. */
export function DrawingsKey({ readings, charts }: DrawingsKeyProps) {
  const formats = useFormats();
  return (
    <>
      {readings.map(({ says, drawn, ...reading }) => (
        <Panel key={drawn}>
          <Notch size="row" band={BAND} reading={reading} sentence={drawn} />
          <Lines says={says} />
        </Panel>
      ))}
      {charts.map(({ of, title, drawn, says, spec, flags }) => (
        <Panel key={title}>
          <Say bold>{title}</Say>
          <Measured>
            {(width) => (
              <Strip
                size={{ width, height: HEIGHT, left: LEFT }}
                look={{ color: color.seriesPh }}
                write={(value) =>
                  of === 'pen' ? writeError(value, 'ph', formats) : `${formats.number(value, 1)} pH`
                }
                sentence={drawn}
                spec={spec}
                flags={flags}
              />
            )}
          </Measured>
          <Lines says={says} />
        </Panel>
      ))}
    </>
  );
}

const Lines = ({ says }: { readonly says: readonly string[] }) => (
  <>
    {says.map((text) => (
      <Say key={text}>{text}</Say>
    ))}
  </>
);
