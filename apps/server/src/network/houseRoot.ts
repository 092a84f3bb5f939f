import { createPrivateKey, randomBytes, webcrypto, X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { BlockList, isIP } from 'node:net';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import {
  GeneralName as AsnName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';

/** What a server over https needs, PEM. */
export interface Leaf {
  readonly key: string;
  readonly cert: string;
}

/** The library looks for a browser's own; this is Node's. */
x509.cryptoProvider.set(webcrypto as never);

const EC = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 24 * 3600_000;
const ROOT_DAYS = 3650;
/** Browsers accept at most 398 days (CA/Browser Forum). Ours is shorter, since it is made again in time. */
const LEAF_DAYS = 90;
/** Clocks of phones and computers differ. */
const EARLIER_MS = DAY_MS;

/** Private networks (RFC 1918, 6598, 3927). */
const HOUSE_NETS = [
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '100.64.0.0/10',
  '169.254.0.0/16',
  '127.0.0.0/8',
];
/** Endings that lead nowhere outside a house (RFC 6762, 8375, and the one kept for private use by ICANN in 2024). */
const NOWHERE = '.invalid';
const HOUSE_ENDINGS = ['local', 'home.arpa', 'internal', 'lan', 'home'];

/**
 * The household's own certificate authority (CA), made once. Name constraints (RFC 5280 4.2.1.10) limit it to private
 * names and addresses, so a stolen key cannot be used for public sites.
 */
export class HouseRoot {
  private constructor(
    private readonly cert: x509.X509Certificate,
    private readonly key: webcrypto.CryptoKey,
    private readonly allowed: Allowed,
  ) {}

  /**
   * @param dir where key and certificate lie, readable by this user alone; made where there are none
   * @param reachedBy further names and addresses it may certify, fixed when it is made
   */
  static async at(dir: string, reachedBy: readonly string[], now: Date): Promise<HouseRoot> {
    const file = join(dir, 'root.pem');
    if (!existsSync(file)) {
      mkdirSync(dir, { recursive: true, mode: 0o700 });
      writeFileSync(`${file}.part`, await makeRoot(reachedBy, now), { mode: 0o600 });
      renameSync(`${file}.part`, file);
    }
    const pem = readFileSync(file, 'utf8');
    const cert = new x509.X509Certificate(pem.slice(pem.indexOf('-----BEGIN CERTIFICATE')));
    return new HouseRoot(cert, await readKey(pem), allowedBy(cert));
  }

  get fingerprint(): string {
    return new X509Certificate(this.pem).fingerprint256;
  }

  get pem(): string {
    return this.cert.toString('pem');
  }

  get der(): Buffer {
    return Buffer.from(this.cert.rawData);
  }

  /** Whether it may vouch for this name or address. */
  vouchesFor(name: string): boolean {
    if (isIP(name) === 4) return this.allowed.nets.check(name);
    return this.allowed.names.some((allowed) => name === allowed || name.endsWith(`.${allowed}`));
  }

  /** A certificate for a server that is reached by these; what the root may not vouch for is left out. */
  async leaf(reachedBy: readonly string[], now: Date): Promise<Leaf> {
    const keys = await webcrypto.subtle.generateKey(EC, true, ['sign', 'verify']);
    const names = reachedBy
      .filter((name) => this.vouchesFor(name))
      .map((value) => ({ type: isIP(value) ? ('ip' as const) : ('dns' as const), value }));
    const cert = await x509.X509CertificateGenerator.create({
      ...life(now, LEAF_DAYS),
      subject: 'CN=Feverfew',
      issuer: this.cert.subject,
      publicKey: keys.publicKey,
      signingKey: this.key,
      signingAlgorithm: EC,
      extensions: [
        new x509.BasicConstraintsExtension(false, undefined, true),
        new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
        new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
        new x509.SubjectAlternativeNameExtension(names),
        await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
        await x509.AuthorityKeyIdentifierExtension.create(this.cert.publicKey),
      ],
    });
    return { key: await pemOf(keys.privateKey), cert: cert.toString('pem') };
  }
}

async function makeRoot(reachedBy: readonly string[], now: Date): Promise<string> {
  const keys = await webcrypto.subtle.generateKey(EC, true, ['sign', 'verify']);
  const cert = await x509.X509CertificateGenerator.createSelfSigned({
    ...life(now, ROOT_DAYS),
    // Distinguishes two houses on one phone.
    name: `CN=Feverfew household ${randomBytes(2).toString('hex')}`,
    keys,
    signingAlgorithm: EC,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      houseAlone(reachedBy),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return `${await pemOf(keys.privateKey)}\n${cert.toString('pem')}\n`;
}

/** It vouches for servers of a house, by these endings and in these networks, and by what this one is reached by. */
function houseAlone(reachedBy: readonly string[]): x509.Extension {
  const permitted = [
    ...[...HOUSE_ENDINGS, ...reachedBy.filter((one) => !isIP(one))].map((dNSName) => ({ dNSName })),
    ...[...HOUSE_NETS, ...reachedBy.filter((one) => isIP(one) === 4).map((one) => `${one}/32`)].map(
      (iPAddress) => ({ iPAddress }),
    ),
  ];
  // A kind of name of which none is listed would be free: mail and addresses of pages get one that leads nowhere (RFC 2606).
  const nowhere = [{ rfc822Name: NOWHERE }, { uniformResourceIdentifier: NOWHERE }];
  const constraints = new NameConstraints({
    permittedSubtrees: new GeneralSubtrees(
      [...permitted, ...nowhere].map((base) => new GeneralSubtree({ base: new AsnName(base) })),
    ),
  });
  return new x509.Extension(id_ce_nameConstraints, true, AsnConvert.serialize(constraints));
}

interface Allowed {
  readonly names: readonly string[];
  readonly nets: BlockList;
}

function allowedBy(cert: x509.X509Certificate): Allowed {
  const nets = new BlockList();
  const extension = cert.getExtension(id_ce_nameConstraints);
  const { permittedSubtrees = [] } = extension
    ? AsnConvert.parse(extension.value, NameConstraints)
    : new NameConstraints();
  for (const { base } of permittedSubtrees) {
    const [net, prefix] = base.iPAddress?.split('/') ?? [];
    if (net) nets.addSubnet(net, Number(prefix));
  }
  return { names: permittedSubtrees.flatMap(({ base }) => base.dNSName ?? []), nets };
}

const life = (now: Date, days: number) => ({
  serialNumber: `01${randomBytes(8).toString('hex')}`,
  notBefore: new Date(now.getTime() - EARLIER_MS),
  notAfter: new Date(now.getTime() - EARLIER_MS + days * DAY_MS),
});

const pemOf = async (key: webcrypto.CryptoKey): Promise<string> =>
  createPrivateKey({
    key: Buffer.from(await webcrypto.subtle.exportKey('pkcs8', key)),
    format: 'der',
    type: 'pkcs8',
  })
    .export({ type: 'pkcs8', format: 'pem' })
    .toString();

const readKey = (pem: string): Promise<webcrypto.CryptoKey> =>
  webcrypto.subtle.importKey(
    'pkcs8',
    createPrivateKey(pem).export({ type: 'pkcs8', format: 'der' }),
    EC,
    false,
    ['sign'],
  );
