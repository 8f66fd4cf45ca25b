<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowResult;

final class TowCommand extends CaseCommand
{
    protected $signature = 'admek:tow {file : a tow case, or - for standard input}';

    protected $description = 'Solve a tow case and print the answer as JSON';

    protected function answer(mixed $json): array
    {
        return TowResult::of(TowCase::ofJson($json));
    }
}
