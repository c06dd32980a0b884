-- The tables of Larder Hollow.

CREATE TABLE cheeses (
    id              INTEGER PRIMARY KEY,
    name            TEXT NOT NULL,
    turn_every_days INTEGER NOT NULL CHECK (turn_every_days > 0),
    family          TEXT NOT NULL CHECK (family IN ('washed', 'blue', 'hard', 'bloomy'))
);

CREATE TABLE racks (
    id           INTEGER PRIMARY KEY,
    cave         TEXT NOT NULL,
    slot_rows    INTEGER NOT NULL,
    slot_columns INTEGER NOT NULL
);

CREATE TABLE wheels (
    id           INTEGER PRIMARY KEY,
    cheese_id    INTEGER NOT NULL REFERENCES cheeses (id),
    turned_at    TEXT NOT NULL,
    weight_grams INTEGER NOT NULL,
    rack_id      INTEGER REFERENCES racks (id),
    slot_row     INTEGER,
    slot_column  INTEGER,
    UNIQUE (rack_id, slot_row, slot_column)
);

-- Every turn, never changed.
CREATE TABLE turns (
    id          INTEGER PRIMARY KEY,
    wheel_id    INTEGER NOT NULL REFERENCES wheels (id),
    turned_by   TEXT NOT NULL,
    at          TEXT NOT NULL,
    rack_id     INTEGER NOT NULL,
    slot_row    INTEGER NOT NULL,
    slot_column INTEGER NOT NULL
);

-- The air a wheel was turned in, as the probe of its cave said.
CREATE TABLE turn_climates (
    id            INTEGER PRIMARY KEY,
    wheel_id      INTEGER NOT NULL REFERENCES wheels (id),
    probe         INTEGER NOT NULL,
    centi_celsius INTEGER NOT NULL,
    per_mille     INTEGER NOT NULL
);

-- The books: what was bought, made and sold.
CREATE TABLE entries (
    id       INTEGER PRIMARY KEY,
    day      TEXT NOT NULL,
    what     TEXT NOT NULL CHECK (what IN ('milk', 'made', 'sold')),
    subject  TEXT NOT NULL,
    quantity INTEGER NOT NULL,
    cents    INTEGER NOT NULL
);

CREATE INDEX turns_by_wheel ON turns (wheel_id, at);

CREATE VIEW overdue AS
    SELECT w.id, c.name, w.turned_at
      FROM wheels w JOIN cheeses c ON c.id = w.cheese_id
     WHERE julianday('now') - julianday(w.turned_at) > c.turn_every_days;
