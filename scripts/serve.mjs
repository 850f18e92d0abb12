// `npm run serve`: the application with accounts, on a database of this machine's own or the one that DATABASE_URL names.
// `-- --lan`: for the phones in the Wi-Fi of a hall.
import { startCluster } from './cluster.mjs';
import { lanCertificate, lanNames } from './lan.mjs';
import { askedToStop, ensureBuilt, ensureInstalled, ensurePackages, main, say, startServer } from './lib.mjs';

/** Where it listens unless PORT says otherwise: an address on paper or on a phone stays good. */
const PORT = { alone: '8080', lan: '8443' };

/** What a phone is asked, in words for whoever holds it. */
const phoneWords = (url, fingerprint) => `
Phones in the same Wi-Fi open ${url}

The first time a phone says that it does not know who made the certificate: this machine did. Two ways on:
- For one evening: look at the certificate, and go on where its authority has the fingerprint
  ${fingerprint}
- For good, and to work without a network: fetch ${url}/local-authority.crt on the phone and install it among the
  certificates that it trusts. It asks for its own code to do so, and warns that whoever holds the key of this authority
  could read along: the key stays in .satchel-data/lan on this machine. Take it off the phone again when the season is over.

Whoever has no account is asked to sign in, and sees nothing. A network that strangers are in is no place for a demo.
`;

main(async () => {
  const stopping = askedToStop();
  const lan = process.argv.includes('--lan');
  const own = process.env.DATABASE_URL === undefined;
  if (own) ensurePackages('postgresql');
  ensureInstalled();
  ensureBuilt();
  const network = lan ? lanNames() : undefined;
  const certificate = network && (await lanCertificate(network.names));
  const cluster = own ? await startCluster('house', {}) : undefined;
  try {
    const port = process.env.PORT ?? (lan ? PORT.lan : PORT.alone);
    const server = await startServer(process.env.DATABASE_URL ?? cluster.url, {
      ...{ DEMO: 'no', PORT: port, LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn' },
      ...(network && {
        HOST: '0.0.0.0',
        HOSTS: [...network.names, process.env.HOSTS ?? ''].join(' '),
        TLS_CERT: certificate.cert,
        TLS_KEY: certificate.key,
        LAN_AUTHORITY: certificate.authority,
      }),
    });
    const url = network ? `https://${network.addresses[0]}:${new URL(server.url).port}` : server.url;
    process.stdout.write(`\nIdle Satchel is open at ${url}\n`);
    if (network) {
      const { default: qr } = await import('qrcode');
      process.stdout.write(`\n${await qr.toString(url, { type: 'terminal', small: true })}`);
      process.stdout.write(phoneWords(url, certificate.fingerprint));
    }
    if (server.code !== undefined)
      process.stdout.write(
        `\nNobody owns it yet. Open it and type this code, which is good for a day: ${server.code}\n`,
      );
    say('\nCtrl-C stops it; what you enter is kept for next time.');
    await Promise.race([stopping, server.exited]);
    await server.stop();
  } finally {
    await cluster?.stop();
  }
});
