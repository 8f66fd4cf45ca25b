<?php

declare(strict_types=1);

namespace App\Models;

/** Rows that a list of trips has thousands of: each is read as it is kept, and nobody hears of it. */
trait ReadByTheThousand
{
    /**
     * @param  array<string, mixed>|object  $attributes
     * @param  ?string  $connection
     */
    public function newFromBuilder($attributes = [], $connection = null): static
    {
        $row = clone $this;
        $row->exists = true;
        $row->setRawAttributes((array) $attributes, true);
        $row->setConnection($connection ?? $this->getConnectionName());

        return $row;
    }
}
