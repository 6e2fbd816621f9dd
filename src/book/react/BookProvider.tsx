import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import {
  listenTo,
  startBookClient,
  thisMoment,
  type BookClient,
  type BookName,
  type DeviceSettings,
  type Opened,
} from '../client';

/** An open book on the page. */
export interface BookOnPage {
  readonly client: BookClient;
  readonly opened: Opened;
  readonly device: DeviceSettings;
  setDevice(patch: Partial<DeviceSettings>): void;
}

const BookContext = createContext<BookOnPage | undefined>(undefined);

/** The open book; only inside BookProvider. */
export function useBook(): BookOnPage {
  const book = useContext(BookContext);
  if (!book) throw new Error('useBook needs BookProvider above it');
  return book;
}

const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      retry: false,
      staleTime: Infinity,
      refetchOnWindowFocus: false,
    },
    mutations: { networkMode: 'always', retry: false },
  },
});

interface Props {
  /** Which book opens on the first visit. */
  readonly start: BookName;
  readonly opening: ReactNode;
  readonly failed: (message: string) => ReactNode;
  readonly children: ReactNode;
}

/** Starts the worker, opens the book, keeps the answers fresh when it changes here or elsewhere. */
export function BookProvider({ start, opening, failed, children }: Props) {
  const [client] = useState(startBookClient);
  const [opened, setOpened] = useState<Opened>();
  const [device, setDevice] = useState<DeviceSettings>();
  const [failure, setFailure] = useState<string>();

  useEffect(() => {
    const onChange = listenTo(() => void queryClient.invalidateQueries());
    client.open(start, thisMoment(), onChange).then(
      (result) => {
        setDevice(result.device);
        setOpened(result);
      },
      (error: unknown) => setFailure(error instanceof Error ? error.message : String(error)),
    );
    const wake = () => {
      if (document.visibilityState === 'visible') void client.catchUp();
    };
    document.addEventListener('visibilitychange', wake);
    return () => document.removeEventListener('visibilitychange', wake);
  }, [client, start]);

  if (failure) return failed(failure);
  if (!opened || !device) return opening;
  const change = (patch: Partial<DeviceSettings>) => {
    setDevice({ ...device, ...patch });
    void client.setDevice(patch).then(setDevice);
  };
  return (
    <QueryClientProvider client={queryClient}>
      <BookContext.Provider value={{ client, opened, device, setDevice: change }}>
        {children}
      </BookContext.Provider>
    </QueryClientProvider>
  );
}
