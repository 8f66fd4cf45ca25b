<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\InvalidValue;

/** A picture of a fish, as small as a phone makes it. */
final readonly class Photograph
{
    public const MOST_BYTES = 1_500_000;

    /** Pixels to a side. */
    private const MOST_WIDE = 2400;

    private const TYPES = [IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_PNG => 'image/png', IMAGETYPE_WEBP => 'image/webp'];

    private function __construct(public string $bytes, public string $type)
    {
    }

    /** @throws InvalidValue naming file, where it is none or too large a one */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidValue::because('file', sprintf('at most %.1f MB: the page makes it smaller', self::MOST_BYTES / 1e6));
        }
        $size = @getimagesizefromstring($bytes);
        $type = $size === false ? null : (self::TYPES[$size[2]] ?? null);
        if ($size === false || $type === null) {
            throw InvalidValue::because('file', 'a picture: JPEG, PNG or WebP');
        }
        if (max($size[0], $size[1]) > self::MOST_WIDE) {
            throw InvalidValue::because('file', 'at most '.self::MOST_WIDE.' pixels to a side');
        }

        return new self($bytes, $type);
    }
}
