/** Tables of accounts: apart from documents, since an account may come into several organisations. */

/** A phone that several use: who has it in hand just now, by a PIN that counts only on a device that is signed in. */
export const PINS = `
  ALTER TABLE members ADD pin text;
  ALTER TABLE sessions ADD acting_id varchar(12), ADD wrong_pins integer NOT NULL DEFAULT 0,
    ADD FOREIGN KEY (organisation_id, acting_id) REFERENCES members ON DELETE CASCADE;
`;

/** What proves somebody besides, or in the place of, a password. */
export const FACTORS = `
  CREATE TABLE authenticators (
    account_id varchar(12) PRIMARY KEY REFERENCES accounts ON DELETE CASCADE,
    -- Both sides work out the same codes of it: it cannot be kept as a hash.
    secret text NOT NULL,
    confirmed boolean NOT NULL DEFAULT false,
    -- The step of time whose code was taken last: none is taken twice.
    last_step bigint NOT NULL DEFAULT 0
  );
  CREATE TABLE recovery_codes (
    account_id varchar(12) NOT NULL REFERENCES accounts ON DELETE CASCADE,
    hash bytea NOT NULL,
    PRIMARY KEY (account_id, hash)
  );
  CREATE TABLE passkeys (
    id varchar(12) PRIMARY KEY,
    account_id varchar(12) NOT NULL REFERENCES accounts ON DELETE CASCADE,
    credential text NOT NULL UNIQUE,
    public_key bytea NOT NULL,
    -- How often it was used, as far as it counts: a copy would count from behind.
    counter bigint NOT NULL,
    transports jsonb NOT NULL,
    label text NOT NULL,
    made_at timestamptz NOT NULL DEFAULT now(),
    used_at timestamptz
  );
  CREATE INDEX ON passkeys (account_id);
  -- What a passkey is asked to sign; of nobody where it is not known yet who signs in.
  CREATE TABLE challenges (
    challenge text PRIMARY KEY,
    account_id varchar(12) REFERENCES accounts ON DELETE CASCADE,
    ends_at timestamptz NOT NULL
  );
`;

/** Of tokens, codes and links only hashes are kept: whoever reads the database cannot use them. */
export const ACCOUNT_TABLES = `
  CREATE TABLE accounts (
    id varchar(12) PRIMARY KEY,
    -- In small letters, whichever way it is typed.
    login text NOT NULL UNIQUE,
    name text NOT NULL,
    password text NOT NULL,
    made_at timestamptz NOT NULL DEFAULT now()
  );
  CREATE TABLE members (
    organisation_id varchar(12) NOT NULL REFERENCES organisations,
    account_id varchar(12) NOT NULL REFERENCES accounts ON DELETE CASCADE,
    role text NOT NULL CHECK (role IN ('owner', 'planner', 'hand')),
    person_id varchar(12),
    since timestamptz NOT NULL DEFAULT now(),
    PRIMARY KEY (organisation_id, account_id),
    UNIQUE (organisation_id, person_id),
    FOREIGN KEY (organisation_id, person_id) REFERENCES people
  );
  CREATE INDEX ON members (account_id);
  CREATE TABLE invitations (
    organisation_id varchar(12) NOT NULL REFERENCES organisations,
    id varchar(12) NOT NULL,
    hash bytea NOT NULL UNIQUE,
    role text NOT NULL CHECK (role IN ('owner', 'planner', 'hand')),
    person_id varchar(12),
    name text NOT NULL,
    made_at timestamptz NOT NULL DEFAULT now(),
    ends_at timestamptz NOT NULL,
    PRIMARY KEY (organisation_id, id)
  );
  CREATE TABLE guest_links (
    organisation_id varchar(12) NOT NULL,
    id varchar(12) NOT NULL,
    hash bytea NOT NULL UNIQUE,
    event_id varchar(12) NOT NULL,
    label text NOT NULL,
    made_at timestamptz NOT NULL DEFAULT now(),
    ends_at timestamptz NOT NULL,
    PRIMARY KEY (organisation_id, id),
    FOREIGN KEY (organisation_id, event_id) REFERENCES documents
  );
  CREATE TABLE sessions (
    id varchar(12) PRIMARY KEY,
    hash bytea NOT NULL UNIQUE,
    organisation_id varchar(12) NOT NULL REFERENCES organisations,
    account_id varchar(12),
    link_id varchar(12),
    device text NOT NULL,
    address text NOT NULL,
    begun_at timestamptz NOT NULL DEFAULT now(),
    seen_at timestamptz NOT NULL DEFAULT now(),
    ends_at timestamptz NOT NULL,
    CHECK ((account_id IS NULL) <> (link_id IS NULL)),
    FOREIGN KEY (organisation_id, account_id) REFERENCES members ON DELETE CASCADE,
    FOREIGN KEY (organisation_id, link_id) REFERENCES guest_links ON DELETE CASCADE
  );
  CREATE INDEX ON sessions (account_id);
  -- Tries to sign in that failed, by hashes of who tried what from where.
  CREATE TABLE failed_tries (
    pair bytea NOT NULL,
    address bytea NOT NULL,
    at timestamptz NOT NULL DEFAULT now()
  );
  CREATE INDEX ON failed_tries (pair, at);
  CREATE INDEX ON failed_tries (address, at);
  CREATE TABLE known_browsers (
    hash bytea NOT NULL,
    account_id varchar(12) NOT NULL REFERENCES accounts ON DELETE CASCADE,
    ends_at timestamptz NOT NULL,
    PRIMARY KEY (hash, account_id)
  );
  CREATE TABLE first_codes (
    hash bytea PRIMARY KEY,
    ends_at timestamptz NOT NULL
  );
  CREATE TABLE audit (
    organisation_id varchar(12) NOT NULL REFERENCES organisations,
    number bigint GENERATED ALWAYS AS IDENTITY,
    at timestamptz NOT NULL DEFAULT now(),
    account_id varchar(12),
    who text NOT NULL,
    did text NOT NULL,
    what text NOT NULL,
    address text NOT NULL,
    PRIMARY KEY (organisation_id, number)
  );
  -- Who made it, by their account: names may be the same, and may change.
  ALTER TABLE edits ADD account_id varchar(12);
  ALTER TABLE item_changes ADD account_id varchar(12);
`;
