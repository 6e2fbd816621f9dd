import { stripsSvg } from '@/ui/chart';
import { axisWriter, dayMonthYear, type Formats } from '@/words';
import { historySays } from '@/words/tanks/history';
import type { HistoryStrip, Series } from './historyStrips';

/** Colours of the series in a drawing for print, dark enough on white; dashes as on screen. */
const PRINT: Readonly<Record<Series, { readonly color: string; readonly dash?: string }>> = {
  ph: { color: '#5B2A57' },
  ec: { color: '#8A5A00', dash: '6 3' },
  temp: { color: '#3F5B73', dash: '2 3' },
  level: { color: '#6B6256', dash: '1 2' },
};
const WIDTH_PX = 900;

interface Input {
  readonly title: string;
  readonly strips: readonly HistoryStrip[];
  readonly formats: Formats;
}

/** A tank's history as an SVG document of its own. */
export function historyDrawing({ title, strips, formats }: Input): string {
  const [fromMs, toMs] = strips[0]?.spec.domain ?? [0, 1];
  return stripsSvg({
    title,
    note: historySays.drawingNote(dayMonthYear(fromMs), dayMonthYear(toMs)),
    width: WIDTH_PX,
    strips: strips.map(({ series, name, height, decimals, spec, flags }) => ({
      ...PRINT[series],
      name,
      height: 1.3 * height,
      spec,
      flags,
      write: (value: number) => formats.number(value, decimals),
    })),
    writeTime: axisWriter([fromMs, toMs]),
  });
}
