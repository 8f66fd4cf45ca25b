<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

/** The demo's data as a file, with a folder beside it for what is made of it. */
trait DataInAFolder
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->folder = "{$this->database}.folder";
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        foreach ([...(glob("{$this->folder}/*/*") ?: []), ...(glob("{$this->folder}/*") ?: []), $this->folder] as $left) {
            is_dir($left) ? rmdir($left) : unlink($left);
        }
        array_map(unlink(...), [...(glob("{$this->database}.before-*") ?: []), ...(glob("{$this->database}.lock") ?: [])]);
    }

    /** Nothing has it open, as when Admek is stopped. */
    private function stopped(): void
    {
        $this->app->make('db')->purge();
    }
}
