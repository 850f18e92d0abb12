/** What proves somebody besides, or in the place of, a password. */
import { AnyJson, Flag, Int, Many, Ref, Text, TextOrNull } from '../documents/decorators.js';
import { Instant } from '../documents/time-decorators.js';
import type { Json } from '../foundations/index.js';
import type { JsonSize } from '../foundations/json-size.js';

/** One’s own password, once more, before it is changed how one is let in. */
export class OwnPassword {
  @Text(1000) password!: string;
}

/** As it is read from an authenticator, or from paper. */
export class FactorCode {
  @Text(40) code!: string;
}

/** A new secret of an authenticator: to be scanned, or typed off. */
export class NewAuthenticator {
  @Text(100) secret!: string;
  /** The dark squares of the code to scan, as a path in units of one square. */
  @Text(100_000) path!: string;
  /** How many squares wide it is. */
  @Int(21, 177) size!: number;
}

/** Codes for when the authenticator is gone, each good for one use; shown once. */
export class RecoveryCodes {
  @Many(() => FactorCode, 20) codes!: readonly FactorCode[];
}

export class Passkey {
  @Ref() id!: string;
  @Text(80) label!: string;
  @Instant() made!: string;
  /** When it was used last; null for never. */
  @TextOrNull(40) used!: string | null;
}

/** What lets somebody in besides their password. */
export class Factors {
  @Flag() authenticator!: boolean;
  /** How many are left. */
  @Int(0, 20) recoveryCodes!: number;
  @Many(() => Passkey) passkeys!: readonly Passkey[];
}

/** What passes between the server and the key of a device: JSON as the standard has it (Web Authentication, level 3, 5.1.8). */
const CREDENTIAL: JsonSize = { nodes: 500, depth: 8, bytes: 30_000 };
export class PasskeyOptions {
  @AnyJson(CREDENTIAL) options!: Json;
}
export class PasskeyAnswer {
  @AnyJson(CREDENTIAL) credential!: Json;
}
export class NewPasskey extends PasskeyAnswer {
  @Text(80, 1) label!: string;
}
