<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Files\ManoeuvreCase;
use Admek\Core\Files\ManoeuvreResult;

final class ManoeuvreCommand extends CaseCommand
{
    protected $signature = 'admek:manoeuvre {file : a manoeuvre case, or - for standard input}';

    protected $description = 'Follow lines through a manoeuvre and print where they are as JSON';

    protected function answer(mixed $json): array
    {
        return ManoeuvreResult::of(ManoeuvreCase::ofJson($json));
    }
}
