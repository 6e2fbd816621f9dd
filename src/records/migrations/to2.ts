import type { Migration } from './migration';

/**
 * Version 2 names the act a revision belongs to. What was written before stands for itself: its act
 * bears its own id. Bodies are unchanged; what they left to a default is written out when parsed.
 */
export const to2: Migration = {
  from: 1,
  step: (revision) => ({ ...revision, act: revision.revId, v: 2 }),
};
