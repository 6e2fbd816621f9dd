import { saveBlob } from '@/shell/saveBlob';
import { troubles } from '@/trouble';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { clock, shortDay } from '@/words';
import { bookStateSays } from '@/words/bookstate/bookState';

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
        {bookStateSays.whatWentWrong}
      </Say>
      {newest.length === 0 ? (
        <Say size="small" tone="soft">
          {bookStateSays.nothingHasGoneWrongOnThis}
        </Say>
      ) : (
        <>
          {newest.map(({ atMs, about, message }) => (
            <Say key={`${atMs} ${about}`} size="small">
              {shortDay(atMs)} {clock(atMs)} · {about}: {message}
            </Say>
          ))}
          <Button label={bookStateSays.saveWhatWentWrong} onPress={save} />
          <Say size="small" tone="soft">
            {bookStateSays.troubleFileHint}
          </Say>
        </>
      )}
    </>
  );
}
