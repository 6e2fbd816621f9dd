import { createHash, X509Certificate } from 'node:crypto';

/** The authority's certificate as devices want it; never its key. */
export interface TrustFile {
  readonly name: string;
  readonly type: string;
  readonly body: Buffer;
}

/** An id that stays the same for the same certificate. */
function idOf(text: string): string {
  const hex = createHash('sha256').update(text).digest('hex');
  return [8, 4, 4, 4, 12]
    .map((length, at, lengths) => {
      const from = lengths.slice(0, at).reduce((sum, one) => sum + one, 0);
      return hex.slice(from, from + length);
    })
    .join('-')
    .toUpperCase();
}

/** A configuration profile with one payload: a root certificate. */
function profileOf(certificate: X509Certificate): string {
  const content = certificate.raw.toString('base64');
  return `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE plist PUBLIC "-//Apple//DTD PLIST 1.0//EN" "http://www.apple.com/DTDs/PropertyList-1.0.dtd">
<plist version="1.0">
<dict>
  <key>PayloadContent</key>
  <array>
    <dict>
      <key>PayloadCertificateFileName</key><string>zolder-house.crt</string>
      <key>PayloadContent</key><data>${content}</data>
      <key>PayloadDisplayName</key><string>Zolder house</string>
      <key>PayloadIdentifier</key><string>zolder.house.root</string>
      <key>PayloadType</key><string>com.apple.security.root</string>
      <key>PayloadUUID</key><string>${idOf(`root ${content}`)}</string>
      <key>PayloadVersion</key><integer>1</integer>
    </dict>
  </array>
  <key>PayloadDescription</key><string>Lets this device trust the Zolder of your house, at private addresses only.</string>
  <key>PayloadDisplayName</key><string>Zolder house</string>
  <key>PayloadIdentifier</key><string>zolder.house</string>
  <key>PayloadRemovalDisallowed</key><false/>
  <key>PayloadType</key><string>Configuration</string>
  <key>PayloadUUID</key><string>${idOf(content)}</string>
  <key>PayloadVersion</key><integer>1</integer>
</dict>
</plist>
`;
}

/** The files a device can be given, by the kinds of device that want them. */
export function trustFiles(authorityPem: string): readonly TrustFile[] {
  const certificate = new X509Certificate(authorityPem);
  return [
    { name: 'zolder-house.crt', type: 'application/x-x509-ca-cert', body: certificate.raw },
    {
      name: 'zolder-house.mobileconfig',
      type: 'application/x-apple-aspen-config',
      body: Buffer.from(profileOf(certificate)),
    },
    { name: 'zolder-house.pem', type: 'application/x-pem-file', body: Buffer.from(authorityPem) },
  ];
}
