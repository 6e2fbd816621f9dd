import type { FoundInPacks, LoadedBook } from '@/records/storage/bookStore';
import type { MissingPack, SetAside } from '@/records/storage/findings';

/** What is not as it should be with a book that opened all the same. */
export interface Findings {
  /** Kept as it is, not read. */
  readonly setAside: readonly SetAside[];
  /** Gone: the list of packs names it. */
  readonly missing: readonly MissingPack[];
  readonly listDamaged: boolean;
  /** Ids that stand in storage with two contents. */
  readonly twoContents: number;
  /** Entries that were lost and came back from the second copy. */
  readonly broughtBack: number;
  /** A newer Zolder wrote part of it: it can be read and saved, not added to. */
  readonly readOnly: boolean;
}

/** Nothing was found amiss. */
export const NO_FINDINGS: Findings = {
  setAside: [],
  missing: [],
  listDamaged: false,
  twoContents: 0,
  broughtBack: 0,
  readOnly: false,
};

/** What was found amiss while a book was loaded. */
export function findingsOf(loaded: LoadedBook): Findings {
  const { setAside, missing, listDamaged, twoContents } = loaded;
  return {
    setAside,
    missing,
    listDamaged,
    twoContents,
    broughtBack: 0,
    readOnly: setAside.some(({ reason }) => reason === 'newer'),
  };
}

/** Findings, and what was found in packs that were read later. */
export const withFound = (before: Findings, { setAside, missing }: FoundInPacks): Findings => ({
  ...before,
  setAside: [...before.setAside, ...setAside],
  missing: [...before.missing, ...missing],
});

/** What was lost or is damaged, in one text that is another where more is; '' where all is sound. */
export const holesOf = ({ setAside, missing }: Findings): string =>
  [...setAside, ...missing]
    .map(({ key }) => key)
    .sort()
    .join(' ');
