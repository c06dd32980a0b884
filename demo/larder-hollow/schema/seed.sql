INSERT INTO cheeses (id, name, turn_every_days, family) VALUES
    (1, 'Hollow Tomme', 3, 'washed'),
    (2, 'Cellar Blue', 5, 'blue'),
    (3, 'North Cave Hard', 7, 'hard'),
    (4, 'Little White', 2, 'bloomy');

INSERT INTO racks (id, cave, slot_rows, slot_columns) VALUES (1, 'north', 5, 8), (2, 'south', 4, 6);
