/** Tables of personal links and of what people were sent; of tokens only hashes are kept. */
export const DUTY_TABLES = `
  CREATE TABLE duty_links (
    organisation_id varchar(12) NOT NULL,
    id varchar(12) NOT NULL,
    hash bytea NOT NULL UNIQUE,
    person_id varchar(12) NOT NULL,
    -- The calendar that is fed by it has a token of its own.
    calendar_hash bytea UNIQUE,
    made_at timestamptz NOT NULL DEFAULT now(),
    ends_at timestamptz NOT NULL,
    PRIMARY KEY (organisation_id, id),
    FOREIGN KEY (organisation_id, person_id) REFERENCES people ON DELETE CASCADE
  );
  CREATE INDEX ON duty_links (organisation_id, person_id);
  CREATE TABLE messages (
    organisation_id varchar(12) NOT NULL,
    id varchar(12) NOT NULL,
    person_id varchar(12) NOT NULL,
    state text NOT NULL CHECK (state IN ('sent', 'kept', 'failed', 'by hand')),
    subject text NOT NULL,
    -- Without the link that was in it.
    text text NOT NULL,
    why text,
    at timestamptz NOT NULL DEFAULT now(),
    PRIMARY KEY (organisation_id, id),
    FOREIGN KEY (organisation_id, person_id) REFERENCES people ON DELETE CASCADE
  );
  CREATE INDEX ON messages (organisation_id, at);
`;
