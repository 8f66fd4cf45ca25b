<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Migrations\Migrator;

/** What brings a boat's data up to this Admek. New data begins at the baseline; older data comes to it step by step. */
final readonly class Migrations
{
    private string $folder;

    public function __construct(private Migrator $migrator)
    {
        $this->folder = database_path('migrations');
    }

    /** @return list<string> names of those that data of this Admek has had */
    public function current(): array
    {
        return array_keys($this->migrator->getMigrationFiles($this->folder));
    }

    /** @return list<string> names of all this Admek knows */
    public function known(): array
    {
        return [...$this->earlier(), ...$this->current()];
    }

    /** @return list<string> names of those that lead old data to the baseline */
    private function earlier(): array
    {
        return array_keys($this->migrator->getMigrationFiles("{$this->folder}/earlier"));
    }

    /** Brings up the data the application is connected to. */
    public function run(): void
    {
        if (! $this->migrator->repositoryExists()) {
            $this->migrator->getRepository()->createRepository();
        }
        // Data that was begun at the baseline has had none of them and needs none.
        if (array_intersect($this->earlier(), $this->migrator->getRepository()->getRan()) !== []) {
            $this->migrator->run("{$this->folder}/earlier");
        }
        $this->migrator->run($this->folder);
    }
}
