import { saveBlob } from '@/shell/saveBlob';
import { troubles } from '@/trouble';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { clock, shortDay } from '@/words';

/** How many of the newest are shown. */
const SHOWN = 5;

/** What went wrong on this device: kept here alone, savable for who helps. */
export function TroubleLog() {
  const all = troubles();
  const newest = all.slice(-SHOWN).reverse();
  const save = () =>
    saveBlob(
      'what-went-wrong.json',
      new Blob([JSON.stringify(all, null, 1)], { type: 'application/json' }),
    );
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        What went wrong
      </Say>
      {newest.length === 0 ? (
        <Say size="small" tone="soft">
          Nothing has gone wrong on this device.
        </Say>
      ) : (
        <>
          {newest.map(({ atMs, about, message }) => (
            <Say key={`${atMs} ${about}`} size="small">
              {shortDay(atMs)} {clock(atMs)} · {about}: {message}
            </Say>
          ))}
          <Button label="Save what went wrong" onPress={save} />
          <Say size="small" tone="soft">
            For somebody who helps you. It holds no reading and no name, and is sent nowhere.
          </Say>
        </>
      )}
    </>
  );
}
