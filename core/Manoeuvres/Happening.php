<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** Something that comes of a manoeuvre: on which lines, from when on, when it is worst and where. */
final readonly class Happening
{
    /** m from the surface within which nothing is said of depth. */
    private const SHALLOW = 0.3;

    /**
     * @param  list<string>  $holders
     * @param  float  $from  s
     * @param  float  $worst  s
     * @param  ?float  $amount  m the two lines keep at worst; share of its usual pull a slack line has
     * @param  ?array{float, float, float}  $place  m in the boat's frame, at worst
     * @param  ?string  $body  which of the line touches
     * @param  bool  $board  whether it is a board's front line
     */
    public function __construct(
        public HappeningKind $kind, public array $holders, public float $from, public float $worst, public ?float $amount = null,
        public ?array $place = null, public ?string $body = null, public bool $board = false,
    ) {
    }

    public function says(): Sentence
    {
        $figures = [
            'all' => implode(' and ', $this->holders), 'from' => [Quantity::Seconds, $this->from],
            'worst' => [Quantity::Seconds, $this->worst], 'amount' => [Quantity::Leader, $this->amount ?? 0.0],
            'aft' => [Quantity::Length, $this->place[0] ?? 0.0], 'depth' => [Quantity::Depth, abs($this->place[2] ?? 0.0)],
            'body' => $this->body ?? '',
        ];

        return Sentence::of(match (true) {
            $this->kind === HappeningKind::Tangle => '{all} come within {amount} of one another, {aft} back'.$this->height()
                .': from {from} on, nearest at {worst}.',
            $this->kind === HappeningKind::Bottom => 'The {body} of {all} touches bottom after {from}.',
            $this->kind === HappeningKind::Lost => '{all} could not be followed to the end: do not rely on it.',
            $this->board => 'The board of {all} loses its pull after {from}: it lies down until its line is tight again.',
            default => '{all} goes slack after {from}: a fish on it may come off, a lure sinks.',
        }, $figures);
    }

    /** Under the water or over it; nothing is said of what lies on it. */
    private function height(): string
    {
        return match (true) {
            ($this->place[2] ?? 0.0) > self::SHALLOW => ' and {depth} down',
            ($this->place[2] ?? 0.0) < -self::SHALLOW => ' and {depth} over the water',
            default => '',
        };
    }
}
