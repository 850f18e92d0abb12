/** Rows of what proves somebody besides a password: authenticators, recovery codes, passkeys. */
import type { Factors, Passkey } from '@idle-satchel/core/api';
import { AccountRows } from './account-rows.js';
import { utc } from './claim-rows.js';

/** A passkey as it is compared. */
export interface PasskeyRow {
  readonly id: string;
  readonly account: string;
  readonly credential: string;
  readonly publicKey: Uint8Array<ArrayBuffer>;
  readonly counter: number;
  readonly transports: readonly string[];
}

export class FactorRows extends AccountRows {
  override atomically<T>(work: (rows: FactorRows) => Promise<T>): Promise<T> {
    return this.sequelize.transaction(transaction => work(new FactorRows(this.sequelize, transaction)));
  }

  async factorsOf(account: string): Promise<Factors> {
    const [row] = await this.rows<Pick<Factors, 'authenticator' | 'recoveryCodes'>>(
      `SELECT EXISTS (SELECT FROM authenticators WHERE account_id = $1 AND confirmed) AS authenticator,
        (SELECT count(*) FROM recovery_codes WHERE account_id = $1)::int AS "recoveryCodes"`,
      account,
    );
    const passkeys = await this.rows<Passkey>(
      `SELECT id, label, ${utc('made_at')} AS made, ${utc('used_at')} AS used FROM passkeys
       WHERE account_id = $1 ORDER BY made_at, id`,
      account,
    );
    return { authenticator: row?.authenticator === true, recoveryCodes: row?.recoveryCodes ?? 0, passkeys };
  }

  /** The secret of an authenticator that counts already, or that is about to. */
  async authenticator(account: string, confirmed: boolean): Promise<string | undefined> {
    const [row] = await this.rows<{ secret: string }>(
      'SELECT secret FROM authenticators WHERE account_id = $1 AND confirmed = $2',
      ...[account, confirmed],
    );
    return row?.secret;
  }
  /** Keeps the secret of an authenticator that does not count yet; 0 where there is one that does. */
  offerAuthenticator(account: string, secret: string): Promise<number> {
    return this.count(
      `INSERT INTO authenticators (account_id, secret) VALUES ($1, $2)
       ON CONFLICT (account_id) DO UPDATE SET secret = excluded.secret WHERE NOT authenticators.confirmed`,
      ...[account, secret],
    );
  }
  /** Uses the code of a step up, once; 0 where that or a later one was used before. */
  useStep(account: string, step: number): Promise<number> {
    return this.count(
      'UPDATE authenticators SET last_step = $2, confirmed = true WHERE account_id = $1 AND last_step < $2',
      ...[account, step],
    );
  }
  async endAuthenticator(account: string): Promise<number> {
    await this.count('DELETE FROM recovery_codes WHERE account_id = $1', account);
    return this.count('DELETE FROM authenticators WHERE account_id = $1', account);
  }
  async replaceRecoveryCodes(account: string, hashes: readonly Buffer[]): Promise<void> {
    await this.count('DELETE FROM recovery_codes WHERE account_id = $1', account);
    for (const hash of hashes)
      await this.count('INSERT INTO recovery_codes (account_id, hash) VALUES ($1, $2)', account, hash);
  }
  useRecoveryCode(account: string, hash: Buffer): Promise<number> {
    return this.count('DELETE FROM recovery_codes WHERE account_id = $1 AND hash = $2', account, hash);
  }

  async keepChallenge(challenge: string, account: string | undefined, ends: Date): Promise<void> {
    await this.count('DELETE FROM challenges WHERE ends_at < now()');
    await this.count(
      'INSERT INTO challenges (challenge, account_id, ends_at) VALUES ($1, $2, $3)',
      ...[challenge, account ?? null, ends],
    );
  }
  /** Uses a challenge up; 0 where it was not put to whoever answers it, or is over. */
  useChallenge(challenge: string, account: string | undefined): Promise<number> {
    return this.count(
      `DELETE FROM challenges WHERE challenge = $1 AND account_id IS NOT DISTINCT FROM $2::text AND ends_at > now()`,
      ...[challenge, account ?? null],
    );
  }

  /** Throws where the passkey is kept already. */
  async createPasskey({ transports, ...row }: PasskeyRow, label: string): Promise<void> {
    await this.count(
      `INSERT INTO passkeys (id, account_id, credential, public_key, counter, transports, label)
       VALUES ($1, $2, $3, $4, $5, $6, $7)`,
      ...[row.id, row.account, row.credential, Buffer.from(row.publicKey), row.counter],
      ...[JSON.stringify(transports), label],
    );
  }
  async passkey(credential: string): Promise<PasskeyRow | undefined> {
    return (await this.passkeysWhere('credential', credential))[0];
  }
  passkeysOf(account: string): Promise<PasskeyRow[]> {
    return this.passkeysWhere('account_id', account);
  }
  private passkeysWhere(column: 'credential' | 'account_id', value: string): Promise<PasskeyRow[]> {
    return this.rows(
      `SELECT id, account_id AS account, credential, public_key AS "publicKey", counter::float8 AS counter, transports
       FROM passkeys WHERE ${column} = $1 ORDER BY id`,
      value,
    );
  }
  async usedPasskey(id: string, counter: number): Promise<void> {
    await this.count('UPDATE passkeys SET counter = $2, used_at = now() WHERE id = $1', id, counter);
  }
  endPasskey(account: string, id: string): Promise<number> {
    return this.count('DELETE FROM passkeys WHERE account_id = $1 AND id = $2', account, id);
  }
}
