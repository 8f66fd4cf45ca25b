<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Setting;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Towing\CannotTow;

/** A setting order in which a line is no longer let out across another, tried on the whole spread before it is offered. */
final readonly class SettingCures
{
    /**
     * @param  list<PlannedLine>  $inOrder  as they are set
     * @param  list<Breach>  $crossings  of that order
     */
    public function __construct(private array $inOrder, private array $crossings, private Setting $setting)
    {
    }

    /**
     * @return ?list<string> holders in the order to set them; null where none is better
     *
     * @throws CannotTow
     */
    public function of(Breach $crossing): ?array
    {
        $before = self::names($this->crossings);
        foreach ($this->candidates(...$crossing->holders) as $order) {
            $after = self::names($this->setting->crossings($order));
            if (! in_array($crossing->name(), $after, true) && array_diff($after, $before) === []) {
                return array_map(static fn (PlannedLine $line): string => $line->holder, $order);
            }
        }

        return null;
    }

    /**
     * The line that crosses set right before the one it crosses; or that one right after it.
     *
     * @return list<list<PlannedLine>>
     */
    private function candidates(string $crosses, string $isSet): array
    {
        return [$this->moved($crosses, $isSet, after: false), $this->moved($isSet, $crosses, after: true)];
    }

    /** @return list<PlannedLine> */
    private function moved(string $holder, string $beside, bool $after): array
    {
        $order = [];
        $moving = array_values(array_filter($this->inOrder, static fn (PlannedLine $line): bool => $line->holder === $holder));
        foreach ($this->inOrder as $line) {
            if ($line->holder !== $holder) {
                array_push(
                    $order, ...($line->holder === $beside ? ($after ? [$line, ...$moving] : [...$moving, $line]) : [$line]),
                );
            }
        }

        return $order;
    }

    /**
     * @param  list<Breach>  $crossings
     * @return list<string>
     */
    private static function names(array $crossings): array
    {
        return array_map(static fn (Breach $crossing): string => $crossing->name(), $crossings);
    }
}
