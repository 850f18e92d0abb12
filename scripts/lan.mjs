// A certificate for the Wi-Fi of a hall, made by an authority of this machine’s own.
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { Halt, root } from './lib.mjs';

/** Days: phones take no authority for longer than two years and a bit, and no certificate for longer than one. */
const AUTHORITY_DAYS = 820;
const CERTIFICATE_DAYS = 390;
/** What ends sooner than that is made anew. */
const SPARE_DAYS = 30;
const DAY = 86_400_000;

/** Addresses of networks that lead to no internet (RFC 1918, RFC 6598, RFC 3927). */
const PRIVATE =
  /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.|100\.(6[4-9]|[7-9]\d|1[01]\d|12[0-7])\.|169\.254\.)/;

/** Addresses of this machine on the networks that it is in. */
export const lanAddresses = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && PRIVATE.test(address))
    .map(({ address }) => address);

/** Whether a certificate is still good for all these names. */
export function isGoodFor(pem, names, now = Date.now()) {
  const certificate = new X509Certificate(pem);
  const covers = name => (isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name));
  return (
    Date.parse(certificate.validTo) - now > SPARE_DAYS * DAY &&
    names.every(name => covers(name) !== undefined)
  );
}

/**
 * The certificate for some names, and the authority behind it, made where they are not there yet or not good any more. The
 * keys stay in a folder that only whoever started this may read.
 */
export async function lanCertificate(names, folder = join(root, '.satchel-data/lan')) {
  const { createCA, createCert } = await import('mkcert');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = name => join(folder, name);
  const read = name => (existsSync(file(name)) ? readFileSync(file(name), 'utf8') : undefined);
  const write = (name, text) => writeFileSync(file(name), text, { mode: 0o600 });
  let authority = { cert: read('authority.crt'), key: read('authority.key') };
  if (!authority.cert || !authority.key || !isGoodFor(authority.cert, [])) {
    const on = hostname().slice(0, 40);
    const organization = `Idle Satchel on ${on}`;
    authority = await createCA({
      ...{ organization, countryCode: 'ZZ', state: on, locality: on },
      validity: AUTHORITY_DAYS,
    });
    write('authority.key', authority.key);
    write('authority.crt', authority.cert);
    write('server.crt', '');
  }
  const own = read('server.crt');
  if (!own || !read('server.key') || !isGoodFor(own, names)) {
    const made = await createCert({ ca: authority, domains: [...names], validity: CERTIFICATE_DAYS });
    write('server.key', made.key);
    write('server.crt', made.cert);
  }
  return {
    cert: file('server.crt'),
    key: file('server.key'),
    authority: file('authority.crt'),
    fingerprint: new X509Certificate(authority.cert).fingerprint256,
  };
}

/** The names that phones may ask for this machine by. */
export function lanNames() {
  const addresses = lanAddresses();
  if (addresses.length === 0)
    throw new Halt('This machine is in no local network: join the Wi-Fi first, or open one of its own');
  return { addresses, names: [...addresses, `${hostname().split('.')[0]}.local`, 'localhost', '127.0.0.1'] };
}
