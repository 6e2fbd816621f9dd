import { z } from 'zod';

/** What a server of the house says of itself under /house.json. */
export const houseToldSchema = z.discriminatedUnion('phones', [
  /** It serves this computer, or the network over plain HTTP. */
  z.object({ phones: z.literal(false), exchange: z.boolean().default(false) }),
  z.object({
    phones: z.literal(true),
    /** Phones of this house swap their entries through it. */
    exchange: z.boolean().default(false),
    /** The one address of the app, over HTTPS. */
    address: z.url(),
    /** The plain page that helps a new device. */
    help: z.url(),
    fingerprint: z.string(),
    /** Names and addresses its certificate does not hold. */
    leftOut: z.array(z.string()),
    /** The address before, where it had to change. */
    before: z.string().optional(),
  }),
]);

export type HouseTold = z.infer<typeof houseToldSchema>;
