<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/**
 * A reason with the figures it was reached from. "{top} to {bottom}" is filled in with a figure and its unit,
 * "{top#}" with the figure alone.
 */
final readonly class Sentence
{
    /** @param  array<string, array{Quantity, float}|ClockTime|string|int>  $figures */
    private function __construct(private string $template, private array $figures)
    {
    }

    /** @param  array<string, array{Quantity, float}|ClockTime|string|int>  $figures  by the name they have in the template */
    public static function of(string $template, array $figures = []): self
    {
        return new self($template, $figures);
    }

    /** This sentence and another after it. */
    public function then(self $next): self
    {
        return new self("{$this->template} {$next->template}", $this->figures + $next->figures);
    }

    /**
     * Sentences one after another, each with figures of its own.
     *
     * @param  list<self>  $sentences
     */
    public static function all(array $sentences): self
    {
        $templates = $figures = [];
        foreach ($sentences as $i => $sentence) {
            $templates[] = (string) preg_replace('/\{(\w+)(#?)\}/', "{s{$i}_\$1\$2}", $sentence->template);
            foreach ($sentence->figures as $name => $figure) {
                $figures["s{$i}_{$name}"] = $figure;
            }
        }

        return new self(implode(' ', $templates), $figures);
    }

    public function in(Units $units, ClockFace $face = ClockFace::TwentyFour): string
    {
        return (string) preg_replace_callback('/\{(\w+)(#?)\}/', function (array $match) use ($units, $face): string {
            $figure = $this->figures[$match[1]] ?? throw new \LogicException("“{$this->template}” has no figure {$match[1]}.");

            return match (true) {
                $figure instanceof ClockTime => $face->say($figure->minutes),
                ! is_array($figure) => (string) $figure,
                $match[2] === '#' => $units->figure(...$figure),
                default => $units->say(...$figure),
            };
        }, $this->template);
    }
}
