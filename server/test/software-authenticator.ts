/** A key of a device in software: it answers challenges as a browser with a passkey does (Web Authentication, level 3). */
import { createHash, generateKeyPairSync, randomBytes, sign, type KeyObject } from 'node:crypto';

type Cbor = number | string | Buffer | ReadonlyMap<number | string, Cbor>;

/** CBOR (RFC 8949) of what a passkey is made of. */
function cbor(value: Cbor): Buffer {
  const head = (major: number, length: number): Buffer =>
    length < 24
      ? Buffer.from([(major << 5) | length])
      : length < 256
        ? Buffer.from([(major << 5) | 24, length])
        : Buffer.from([(major << 5) | 25, length >> 8, length & 255]);
  if (typeof value === 'number') return value < 0 ? head(1, -1 - value) : head(0, value);
  if (typeof value === 'string')
    return Buffer.concat([head(3, Buffer.byteLength(value)), Buffer.from(value)]);
  if (Buffer.isBuffer(value)) return Buffer.concat([head(2, value.length), value]);
  const pairs = [...value];
  return Buffer.concat([head(5, pairs.length), ...pairs.flatMap(pair => pair.map(each => cbor(each)))]);
}

const sha256 = (data: string | Buffer): Buffer => createHash('sha256').update(data).digest();
const words = (data: string | Buffer): string => Buffer.from(data).toString('base64url');

/** The user is there, and was asked for a finger, a face or a code; a key comes with it. */
const FLAGS = { present: 1, verified: 4, key: 64 };

export interface Told {
  readonly challenge: string;
  readonly origin: string;
  /** The user was not asked who they are. */
  readonly unverified?: boolean;
}

export class SoftwareAuthenticator {
  readonly id = randomBytes(16);
  private readonly key: KeyObject;
  private readonly point: { readonly x: Buffer; readonly y: Buffer };
  counter = 0;

  constructor() {
    const pair = generateKeyPairSync('ec', { namedCurve: 'P-256' });
    const { x = '', y = '' } = pair.publicKey.export({ format: 'jwk' });
    this.key = pair.privateKey;
    this.point = { x: Buffer.from(x, 'base64url'), y: Buffer.from(y, 'base64url') };
  }

  /** Makes a passkey. */
  register(told: Told): object {
    const publicKey = cbor(
      new Map<number, Cbor>([
        ...([[1, 2], [3, -7], [-1, 1]] as const), // prettier-ignore
        [-2, this.point.x],
        [-3, this.point.y],
      ]),
    );
    const data = Buffer.concat([
      this.head(told, FLAGS.key),
      Buffer.alloc(16),
      Buffer.from([0, this.id.length]),
      this.id,
      publicKey,
    ]);
    return this.credential({
      clientDataJSON: words(clientData('webauthn.create', told)),
      attestationObject: words(
        cbor(
          new Map<string, Cbor>([
            ['fmt', 'none'],
            ['attStmt', new Map()],
            ['authData', data],
          ]),
        ),
      ),
    });
  }

  /** Signs a challenge. */
  answer(told: Told): object {
    this.counter++;
    const data = this.head(told, 0);
    const client = clientData('webauthn.get', told);
    const signature = sign('sha256', Buffer.concat([data, sha256(client)]), this.key);
    return this.credential({
      clientDataJSON: words(client),
      authenticatorData: words(data),
      signature: words(signature),
    });
  }

  private head({ origin, unverified = false }: Told, more: number): Buffer {
    const counter = Buffer.alloc(4);
    counter.writeUInt32BE(this.counter);
    const flags = FLAGS.present | (unverified ? 0 : FLAGS.verified) | more;
    return Buffer.concat([sha256(new URL(origin).hostname), Buffer.from([flags]), counter]);
  }
  private credential(response: object): object {
    const id = words(this.id);
    return { id, rawId: id, type: 'public-key', clientExtensionResults: {}, response };
  }
}

const clientData = (type: string, { challenge, origin }: Told): string =>
  JSON.stringify({ type, challenge, origin, crossOrigin: false });
