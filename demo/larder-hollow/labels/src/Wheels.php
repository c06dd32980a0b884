<?php

declare(strict_types=1);

namespace Larder\Labels;

use PDO;

/** Wheels in the database, as labels. */
class Wheels
{
    public function __construct(private readonly PDO $tables)
    {
    }

    public static function open(string $path): self
    {
        return new self(new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]));
    }

    public function find(int $wheel): ?Label
    {
        $asked = $this->tables->prepare('SELECT w.id, w.weight_grams, w.turned_at, c.name, c.family FROM wheels w JOIN cheeses c ON c.id = w.cheese_id WHERE w.id = ?');
        $asked->execute([$wheel]);
        $row = $asked->fetch(PDO::FETCH_ASSOC);
        return $row === false ? null : Label::ofRow($row);
    }

    /** @return iterable<Label> */
    public function onRack(int $rack): iterable
    {
        $asked = $this->tables->prepare('SELECT id FROM wheels WHERE rack_id = ? ORDER BY slot_row, slot_column');
        $asked->execute([$rack]);
        while (($id = $asked->fetchColumn()) !== false) {
            if ($label = $this->find((int) $id)) {
                yield $label;
            }
        }
    }
}
