<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\InvalidValue;
use GdImage;

/**
 * A picture of a fish, as small as a phone makes it. What is kept is drawn anew from what was sent: nothing but the picture is in
 * it, neither where it was taken nor anything that is no picture.
 */
final readonly class Photograph
{
    public const MOST_BYTES = 1_500_000;

    /** Pixels to a side. */
    private const MOST_WIDE = 2400;

    private const TYPES = [IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_PNG => 'image/png', IMAGETYPE_WEBP => 'image/webp'];

    /** Of 100, of those that lose something by being drawn. */
    private const QUALITY = 88;

    /** What a camera tells beside the picture has one of these in it (Exif 2.32, 4.7.2; XMP, part 1; PNG, 11.3.4.4; WebP). */
    private const TOLD_BESIDE = ["Exif\0\0", '<?xpacket', 'x:xmpmeta', 'eXIf', 'EXIF', 'XMP '];

    /** Degrees anticlockwise, and whether it is mirrored, by how the camera was held (Exif 2.32, 4.6.5, Orientation). */
    private const HELD = [
        2 => [0, true], 3 => [180, false], 4 => [180, true], 5 => [270, true], 6 => [270, false], 7 => [90, true],
        8 => [90, false],
    ];

    private function __construct(public string $bytes, public string $type)
    {
    }

    /**
     * As a device sends it.
     *
     * @throws InvalidValue naming file, where it is none or too large a one
     */
    public static function of(string $bytes): self
    {
        [$picture, $type] = self::read($bytes);

        return new self(self::drawn($picture, $type, self::heldWhen($bytes, $type)), self::TYPES[$type]);
    }

    /**
     * As Admek has kept one: it stays as it is, unless more is in it than the picture.
     *
     * @throws InvalidValue naming file, where it is none, or none of its type
     */
    public static function kept(string $bytes, string $told): self
    {
        $type = self::read($bytes)[1];
        if (self::TYPES[$type] !== $told) {
            throw InvalidValue::because('file', self::TYPES[$type].', which it is');
        }
        $beside = array_filter(self::TOLD_BESIDE, static fn (string $mark): bool => str_contains($bytes, $mark));

        return $beside === [] ? new self($bytes, $told) : self::of($bytes);
    }

    /** @return string what a browser is told it is: a picture, or nothing it would run */
    public static function typeOf(string $told): string
    {
        return in_array($told, self::TYPES, true) ? $told : 'application/octet-stream';
    }

    /**
     * @return array{GdImage, int}
     *
     * @throws InvalidValue
     */
    private static function read(string $bytes): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidValue::because('file', sprintf('at most %.1f MB: the page makes it smaller', self::MOST_BYTES / 1e6));
        }
        // Its size is read before it is drawn: a small file may be a vast picture.
        $size = @getimagesizefromstring($bytes);
        if ($size !== false && isset(self::TYPES[$size[2]]) && max($size[0], $size[1]) > self::MOST_WIDE) {
            throw InvalidValue::because('file', 'at most '.self::MOST_WIDE.' pixels to a side');
        }
        $picture = $size !== false && isset(self::TYPES[$size[2]]) ? @imagecreatefromstring($bytes) : false;
        if ($size === false || $picture === false) {
            throw InvalidValue::because('file', 'a picture: JPEG, PNG or WebP');
        }

        return [$picture, $size[2]];
    }

    /** How the camera was held; 1 where nothing tells. */
    private static function heldWhen(string $bytes, int $type): int
    {
        $stream = fopen('php://memory', 'w+');
        assert($stream !== false);
        fwrite($stream, $bytes);
        rewind($stream);
        $told = $type === IMAGETYPE_JPEG ? @exif_read_data($stream) : false;
        $held = is_array($told) ? $told['Orientation'] ?? 1 : 1;

        return is_int($held) ? $held : 1;
    }

    private static function drawn(GdImage $picture, int $type, int $held): string
    {
        [$turn, $mirrored] = self::HELD[$held] ?? [0, false];
        $picture = $turn === 0 ? $picture : (imagerotate($picture, $turn, 0) ?: $picture);
        if ($mirrored) {
            imageflip($picture, IMG_FLIP_HORIZONTAL);
        }
        imagesavealpha($picture, true);
        ob_start();
        match ($type) {
            IMAGETYPE_PNG => imagepng($picture),
            IMAGETYPE_WEBP => imagewebp($picture, null, self::QUALITY),
            default => imagejpeg($picture, null, self::QUALITY),
        };

        return (string) ob_get_clean();
    }
}
