import { X509Certificate } from 'node:crypto';
import { isIP } from 'node:net';
import { z } from 'zod';
import { DAY_MS } from '@/core/units';
import { issueCertificate, makeAuthority, type Keyed } from './authority';
import type { HouseFolder } from './houseFolder';
import { vouchedFor, type MachineNames, type Vouched } from './machineNames';

/** A certificate is made anew this long before it ends, ms. */
const RENEW_BEFORE_MS = 30 * DAY_MS;

const keyedSchema = z.object({ certificatePem: z.string(), keyPem: z.string() });
const authoritySchema = keyedSchema.extend({ hostName: z.string() });

type Authority = z.infer<typeof authoritySchema>;

/** A house's own authority, and the certificate of its computer. */
export interface HouseKeys {
  /** The authority's certificate as PEM: what a phone is asked to trust. Never its key. */
  readonly authorityPem: string;
  readonly certificate: Keyed;
  readonly vouched: Vouched;
  /** The certificate was made just now: names had changed, or its end was near. */
  readonly renewed: boolean;
}

/** What stands in a file of the house; undefined where there is none, throws where it is damaged. */
function held<Held>(folder: HouseFolder, name: string, schema: z.ZodType<Held>): Held | undefined {
  const text = folder.read(name);
  if (text === undefined) return undefined;
  try {
    return schema.parse(JSON.parse(text));
  } catch {
    throw new Error(
      `${name} in ${folder.path} cannot be read. Start once with --new-authority: phones must then trust it anew.`,
    );
  }
}

/** Whether a certificate still is what it would be made as now. */
function isGood(keyed: Keyed, authority: Authority, names: readonly string[], nowMs: number) {
  const certificate = new X509Certificate(keyed.certificatePem);
  const signer = new X509Certificate(authority.certificatePem);
  const holds = (name: string) =>
    isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name);
  const count = certificate.subjectAltName?.split(', ').length ?? 0;
  return (
    certificate.verify(signer.publicKey) &&
    Date.parse(certificate.validTo) - nowMs > RENEW_BEFORE_MS &&
    count === names.length &&
    names.every((name) => holds(name) !== undefined)
  );
}

/** What decides whether keys are made. */
interface Asked {
  readonly names: MachineNames;
  readonly nowMs: number;
  /** Make another authority, though there is one: every phone must trust it anew. */
  readonly newAuthority?: boolean;
}

/**
 * The house's keys: an authority made once and kept, a certificate made anew by itself when the
 * computer's names change or its end is near. Throws where the authority's file is damaged.
 */
export async function houseKeys(
  folder: HouseFolder,
  { names, nowMs, newAuthority = false }: Asked,
): Promise<HouseKeys> {
  let authority = newAuthority ? undefined : held(folder, 'authority.json', authoritySchema);
  if (!authority) {
    const { hostName } = names;
    authority = { ...(await makeAuthority(hostName, nowMs)), hostName };
    folder.write('authority.json', JSON.stringify(authority));
  }
  const vouched = vouchedFor(names, authority.hostName);
  const known = newAuthority ? undefined : held(folder, 'certificate.json', keyedSchema);
  const good = known !== undefined && isGood(known, authority, vouched.inside, nowMs);
  const certificate = good ? known : await issueCertificate(authority, vouched.inside, nowMs);
  if (!good) folder.write('certificate.json', JSON.stringify(certificate));
  return { authorityPem: authority.certificatePem, certificate, vouched, renewed: !good };
}

/** What a careful grower compares before trusting: the authority's fingerprint, SHA-256. */
export function fingerprintOf(authorityPem: string): string {
  return new X509Certificate(authorityPem).fingerprint256;
}
