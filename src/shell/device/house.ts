import { useQuery } from '@tanstack/react-query';
import { inBase } from '@/ui/inBase';
import { houseToldSchema, type HouseTold } from '@/words/phones/houseTold';

/** What the server tells of the house; null where it is away, or is a plain web space. */
export async function askHouse(): Promise<HouseTold | null> {
  try {
    const response = await fetch(inBase('/house.json'), { cache: 'no-store' });
    const told = houseToldSchema.safeParse(await response.json());
    return told.success ? told.data : null;
  } catch {
    return null;
  }
}

/** Between two looks for a house that is away, or has its exchange off, ms. */
const LOOK_AGAIN_MS = 3000;

/**
 * The same for a screen; undefined until it is known. `untilExchange` asks again until the house answers with its
 * exchange on: it is being switched on at the computer meanwhile.
 */
export function useHouse({ untilExchange = false } = {}): HouseTold | null | undefined {
  const { data } = useQuery({
    queryKey: ['house'],
    queryFn: askHouse,
    staleTime: 0,
    refetchInterval: ({ state }) =>
      untilExchange && !state.data?.exchange ? LOOK_AGAIN_MS : false,
  });
  return data;
}
