<?php

declare(strict_types=1);

namespace App\Access;

use RuntimeException;

final class WrongCode extends RuntimeException
{
}
