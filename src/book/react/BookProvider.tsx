import { QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { inBackground, noteTrouble } from '@/trouble';
import {
  newActId,
  thisMoment,
  type BookClient,
  type BookName,
  type DeviceSettings,
  type Opened,
} from '../client';
import { ActDoor } from './actDoor';
import { askToOpen, firstOpening } from './firstOpening';
import { askToPersist, rememberBook } from './lasting';
import { startMeetings } from './meetings';
import { queryClient } from './queries';

/** An open book on the page. */
export interface BookOnPage {
  readonly client: BookClient;
  readonly opened: Opened;
  readonly device: DeviceSettings;
  /** Changes what belongs to this device; says aloud where that cannot be kept. */
  setDevice(patch: Partial<DeviceSettings>): void;
  /** The one door for everything a person does. */
  readonly acts: ActDoor;
}

const BookContext = createContext<BookOnPage | undefined>(undefined);

/** The open book; only inside BookProvider. */
export function useBook(): BookOnPage {
  const book = useContext(BookContext);
  if (!book) throw new Error('useBook needs BookProvider above it');
  return book;
}

/** What a book that does not open says, and how to go on. */
export interface OpeningFailure {
  readonly message: string;
  /** Opens in memory: nothing is kept when the page is closed. */
  readonly goOnInMemory: () => void;
}

interface Props {
  /** Which book opens on the first visit. */
  readonly start: BookName;
  readonly opening: (goOnInMemory: () => void) => ReactNode;
  readonly failed: (failure: OpeningFailure) => ReactNode;
  readonly children: ReactNode;
}

/** The door of this page to its worker. */
function doorTo(client: BookClient, isOwn: () => boolean): ActDoor {
  return new ActDoor({
    newActId,
    async send(changes, actId) {
      const { recordIds } = await client.append(changes, thisMoment(), actId);
      if (isOwn()) {
        rememberBook();
        inBackground('persist', askToPersist());
      }
      return recordIds;
    },
    undo: async (actId) => (await client.undo(actId, thisMoment())).ok,
  });
}

/** Starts the worker, opens the book, keeps the answers fresh when it changes here or elsewhere. */
export function BookProvider({ start, opening, failed, children }: Props) {
  const [first] = useState(() => firstOpening(start));
  const { client, asked } = first;
  const [opened, setOpened] = useState(first.opened);
  const [device, setDevice] = useState(first.opened?.device);
  const [failure, setFailure] = useState<string>();
  const [inMemory, setInMemory] = useState(false);
  const [own] = useState({ is: false });
  const [acts] = useState(() => doorTo(client, () => own.is));

  useEffect(() => {
    const opening = inMemory ? askToOpen(client, { start, inMemory }) : asked;
    // Left for another one: what comes of it late is not shown.
    let isLeft = false;
    opening.then(
      (result) => {
        if (isLeft) return;
        own.is = result.book === 'own';
        if (own.is) startMeetings(client);
        setDevice(result.device);
        setOpened(result);
      },
      (error: unknown) => {
        noteTrouble('opening the book', error);
        if (isLeft) return;
        setFailure(error instanceof Error ? error.message : String(error));
      },
    );
    const wake = () => {
      if (document.visibilityState === 'visible')
        inBackground('catching up', client.catchUp(thisMoment()));
    };
    document.addEventListener('visibilitychange', wake);
    return () => {
      isLeft = true;
      document.removeEventListener('visibilitychange', wake);
    };
  }, [client, asked, start, inMemory, own]);

  const goOnInMemory = () => {
    setFailure(undefined);
    setInMemory(true);
  };
  if (failure && !opened) return failed({ message: failure, goOnInMemory });
  if (!opened || !device) return opening(goOnInMemory);
  const change = (patch: Partial<DeviceSettings>) => {
    setDevice((before) => before && { ...before, ...patch });
    client.setDevice(patch, thisMoment()).then(
      (kept) => {
        setDevice(kept);
        // Whether a copy was saved stands on the Round.
        inBackground('asking anew', queryClient.invalidateQueries({ queryKey: ['round'] }));
      },
      (error: unknown) => {
        setDevice(device);
        acts.fail(error, () => change(patch));
      },
    );
  };
  return (
    <QueryClientProvider client={queryClient}>
      <BookContext.Provider value={{ client, opened, device, setDevice: change, acts }}>
        {children}
      </BookContext.Provider>
    </QueryClientProvider>
  );
}
