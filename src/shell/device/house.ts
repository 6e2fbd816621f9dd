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

/** The same for a screen; undefined until it is known. */
export function useHouse(): HouseTold | null | undefined {
  const { data } = useQuery({ queryKey: ['house'], queryFn: askHouse, staleTime: 0 });
  return data;
}
