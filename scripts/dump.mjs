// Taking a database into a file and putting it back, with Postgres's own programs; shared by backup and restore.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Halt, postgresFolder } from './lib.mjs';

/** Postgres's own programs: Debian's where they are, else what the path has. */
function program(name) {
  const own = join(postgresFolder() ?? '', name);
  return existsSync(own) ? own : name;
}

/** An address without its password, which others on the machine could read in the list of processes. */
function apart(url) {
  const plain = new URL(url);
  const { password } = plain;
  plain.password = '';
  return { plain: plain.href, env: { ...process.env, PGPASSWORD: decodeURIComponent(password) } };
}

/** Runs one of the programs on a database; gives what it printed. Throws `Halt` with its last words. */
export function tool(name, url, args, input) {
  const { plain, env } = apart(url);
  const child = spawn(program(name), [...args, plain].filter(Boolean), {
    stdio: [input === undefined ? 'ignore' : 'pipe', 'pipe', 'pipe'],
    env,
  });
  let output = '';
  let errors = '';
  child.stdout.on('data', chunk => (output += chunk));
  child.stderr.on('data', chunk => (errors = (errors + chunk).slice(-2000)));
  child.stdin?.on('error', () => undefined);
  child.stdin?.end(input);
  return new Promise((resolve, reject) => {
    child.once('error', error =>
      reject(new Halt(`${name} cannot be run (${error.message}): install Debian's postgresql-client`)),
    );
    child.once('close', code =>
      code === 0 ? resolve(output) : reject(new Halt(`${name} failed:\n${errors.trim()}`)),
    );
  });
}

/** The rows of a query, each a list of texts. */
export async function rows(url, sql) {
  const output = await tool(
    'psql',
    url,
    ['-XqAt', '-F', '\t', '-v', 'ON_ERROR_STOP=1', '-f', '-', '-d'],
    sql,
  );
  return output
    .split('\n')
    .filter(Boolean)
    .map(line => line.split('\t'));
}

/** The same server, another database on it. */
export function besides(url, name) {
  const other = new URL(url);
  other.pathname = `/${name}`;
  return other.href;
}

export const nameOf = url => decodeURIComponent(new URL(url).pathname.slice(1));

/** A name of a database, for SQL. */
export const quoted = name => `"${name.replaceAll('"', '""')}"`;

/** Puts a file into a new database of that name on the same server, all of it or nothing. */
export async function restoreInto(url, name, file) {
  await rows(besides(url, 'postgres'), `CREATE DATABASE ${quoted(name)}`);
  const target = besides(url, name);
  try {
    await tool('pg_restore', target, [
      '--no-owner',
      '--no-privileges',
      '--exit-on-error',
      '--single-transaction',
      file,
      '-d',
    ]);
    return target;
  } catch (error) {
    await drop(url, name);
    throw error;
  }
}

export const drop = (url, name) =>
  rows(besides(url, 'postgres'), `DROP DATABASE IF EXISTS ${quoted(name)} WITH (FORCE)`);

/** What must hold in every database of ours, as a query that counts what does not. */
const SOUND = [
  [
    'documents whose changes are not all there',
    `SELECT count(*) FROM documents d WHERE revision <> 1 + (SELECT count(*) FROM changes c
       WHERE c.organisation_id = d.organisation_id AND c.document_id = d.id)`,
  ],
  [
    'documents without their first state',
    `SELECT count(*) FROM documents d WHERE NOT EXISTS (SELECT FROM snapshots s
       WHERE s.organisation_id = d.organisation_id AND s.document_id = d.id AND s.revision = 1)`,
  ],
  [
    'changes without their edit',
    `SELECT count(*) FROM changes c WHERE NOT EXISTS (SELECT FROM edits e
       WHERE e.organisation_id = c.organisation_id AND e.id = c.edit_id)`,
  ],
];

/** Looks a database through; gives how much is in it. Throws `Halt` naming what is missing. */
export async function lookThrough(url) {
  for (const [what, sql] of SOUND) {
    const [[count]] = await rows(url, sql);
    if (count !== '0') throw new Halt(`It is not whole: ${count} ${what}.`);
  }
  const [[documents, edits, pictures]] = await rows(
    url,
    `SELECT (SELECT count(*) FROM documents), (SELECT count(*) FROM edits), (SELECT count(*) FROM pictures)`,
  );
  return `${documents} documents, ${edits} edits, ${pictures} pictures`;
}
