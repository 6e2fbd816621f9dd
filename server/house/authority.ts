import 'reflect-metadata';
import { webcrypto } from 'node:crypto';
import { isIP } from 'node:net';
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  NameConstraints,
  id_ce_nameConstraints,
} from '@peculiar/asn1-x509';
import { AsnConvert } from '@peculiar/asn1-schema';
import * as x509 from '@peculiar/x509';
import { DAY_MS } from '@/core/units';
import { PERMITTED_NAMES, PERMITTED_NETWORKS } from './permitted';

/** An authority holds ten years, so that a phone is asked to trust it once. */
const AUTHORITY_DAYS = 3650;

/** Phones take certificates of a private authority up to 825 days; public ones get 398. */
const CERTIFICATE_DAYS = 397;

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;

/** A certificate with its private key, both as PEM. */
export interface Keyed {
  readonly certificatePem: string;
  readonly keyPem: string;
}

const crypto = webcrypto as unknown as Crypto;

const serialNumber = () => {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  // Positive, and never shorter than it says.
  bytes[0] = (bytes[0]! & 0x7f) | 0x40;
  return Buffer.from(bytes).toString('hex');
};

async function keyPem(key: CryptoKey): Promise<string> {
  const raw = await crypto.subtle.exportKey('pkcs8', key);
  return x509.PemConverter.encode(raw, 'PRIVATE KEY');
}

const newKeys = () => crypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);

/** The only names and addresses the authority may vouch for, as its certificate says it (RFC 5280, 4.2.1.10). */
function nameConstraints(hostName: string): x509.Extension {
  const names = [...PERMITTED_NAMES, hostName].map(
    (dNSName) => new GeneralSubtree({ base: new GeneralName({ dNSName }) }),
  );
  const networks = PERMITTED_NETWORKS.map(
    (iPAddress) => new GeneralSubtree({ base: new GeneralName({ iPAddress }) }),
  );
  const permittedSubtrees = new GeneralSubtrees([...names, ...networks]);
  const said = AsnConvert.serialize(new NameConstraints({ permittedSubtrees }));
  return new x509.Extension(id_ce_nameConstraints, true, said);
}

/**
 * Makes a house's own authority: EC P-256, ten years, good for private names and networks and for the
 * computer's name of that day alone.
 * @source RFC 5280; X.509.
 */
export async function makeAuthority(hostName: string, nowMs: number): Promise<Keyed> {
  x509.cryptoProvider.set(crypto);
  const keys = await newKeys();
  const { KeyUsageFlags } = x509;
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serialNumber(),
    name: [{ CN: [`Zolder house ${hostName} ${new Date(nowMs).toISOString().slice(0, 10)}`] }],
    notBefore: new Date(nowMs - DAY_MS),
    notAfter: new Date(nowMs + AUTHORITY_DAYS * DAY_MS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      nameConstraints(hostName),
    ],
  });
  return { certificatePem: certificate.toString('pem'), keyPem: await keyPem(keys.privateKey) };
}

/** A certificate of this computer for `names`, signed by its authority. Every name must lie within it. */
export async function issueCertificate(
  authority: Keyed,
  names: readonly string[],
  nowMs: number,
): Promise<Keyed> {
  x509.cryptoProvider.set(crypto);
  const signer = new x509.X509Certificate(authority.certificatePem);
  const signingKey = await crypto.subtle.importKey(
    'pkcs8',
    x509.PemConverter.decodeFirst(authority.keyPem),
    ALGORITHM,
    false,
    ['sign'],
  );
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serialNumber(),
    // A phrase, not a name: names stand among the alternatives, where browsers look.
    subject: [{ CN: ['Zolder of this house'] }],
    issuer: signer.subject,
    notBefore: new Date(nowMs - DAY_MS),
    notAfter: new Date(nowMs + CERTIFICATE_DAYS * DAY_MS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) ? ('ip' as const) : ('dns' as const), value })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(signer.publicKey),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificatePem: certificate.toString('pem'), keyPem: await keyPem(keys.privateKey) };
}
