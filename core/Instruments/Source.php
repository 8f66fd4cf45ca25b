<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\InvalidValue;

/** What the captain has the boat listen to. */
final readonly class Source
{
    /** Letters of a name. */
    public const NAME = 30;

    /** So many are listened to at most. */
    public const MOST = 8;

    /** @throws InvalidValue naming the field */
    public function __construct(public string $name, public SourceKind $kind, public string $address)
    {
        if (preg_match('~^[^/\x00-\x1f]{1,'.self::NAME.'}$~u', $name) !== 1 || trim($name) !== $name) {
            throw InvalidValue::because('name', 'a name of up to '.self::NAME.' letters, without /');
        }
        if (! $kind->takes($address)) {
            throw InvalidValue::because('address', $kind->addressed());
        }
    }

    /**
     * As the captain orders them.
     *
     * @param  list<array{name: string, kind: string, address: string}>  $told
     * @return list<self>
     *
     * @throws InvalidValue naming the field
     */
    public static function list(array $told): array
    {
        if (count($told) > self::MOST) {
            throw InvalidValue::because('sources', 'a list of '.self::MOST.' at most');
        }
        $sources = [];
        foreach ($told as $i => $one) {
            try {
                $source = new self($one['name'], SourceKind::from($one['kind']), $one['address']);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("sources.{$i}");
            }
            if (isset($sources[$source->name])) {
                throw InvalidValue::because("sources.{$i}.name", 'a name no other has');
            }
            $sources[$source->name] = $source;
        }

        return array_values($sources);
    }
}
