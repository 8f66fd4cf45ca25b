<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Lip;

/**
 * What the fish sees. A diving lure's lip is known by the area that reproduces its rated point, or the typical one of its kind.
 */
final readonly class Lure
{
    /** The name its body goes by in every chain. */
    public const BODY = 'lure';

    private function __construct(
        public LureKind $kind,
        public float $dragArea,
        public float $weight,
        public float $downArea,
        public float $diveDoubt,
        public ?RatedPoint $rated,
        public ?Lip $lip,
        public float $mass,
    ) {
    }

    /**
     * The default figures of a kind; a diving kind dives as is typical of it.
     *
     * @throws InvalidValue naming the field
     */
    public static function ofKind(
        LureKind $kind, ?float $dragArea = null, ?float $weight = null, ?float $mass = null,
    ): self {
        $lipless = self::lipless($kind, $dragArea, $weight, $mass);

        return new self(
            $kind, $lipless->dragArea, $lipless->weight, self::typicalLip($lipless), Doubts::DIVE_GUESSED, null, null,
            $lipless->mass,
        );
    }

    /**
     * A kind whose lip is still to be fitted.
     *
     * @throws InvalidValue naming the field
     */
    public static function lipless(
        LureKind $kind, ?float $dragArea = null, ?float $weight = null, ?float $mass = null,
    ): self {
        [$drag, $weight, $mass] = [$dragArea ?? $kind->dragArea(), $weight ?? $kind->weight(), $mass ?? $kind->mass()];
        InvalidValue::unlessBetween('drag_area', $drag, 1e-5, 0.05, 'm²');
        InvalidValue::unlessBetween('weight', $weight, -10, 50, 'N');
        InvalidValue::unlessBetween('mass', $mass, 0.001, 5, 'kg');

        return new self($kind, $drag, $weight, 0.0, Doubts::DIVE_GUESSED, null, null, $mass);
    }

    /** m², solved once for each kind and its figures. */
    private static function typicalLip(self $lipless): float
    {
        /** @var array<string, float> $known */
        static $known = [];
        $typical = $lipless->kind->typical();

        return $typical === null
            ? 0.0
            : $known["{$lipless->kind->value} {$lipless->dragArea} {$lipless->weight}"]
                ??= (new LipFit($typical, $lipless->dragArea, $lipless->weight))->nearest();
    }

    /**
     * The same lure, its lip solved from a rated point in fresh water.
     *
     * @throws InvalidValue when no lip on this lure reaches the point, or it sinks deeper without one
     */
    public function ratedAt(RatedPoint $rated): self
    {
        $fit = new LipFit($rated, $this->dragArea, $this->weight);
        $downArea = $fit->exact();

        return $this->fitted($rated, $downArea, $fit->lip($downArea, self::doubtOf($rated)));
    }

    /**
     * The same lure with what a rated point gave when it was solved.
     *
     * @throws InvalidValue naming the field
     */
    public function fitted(RatedPoint $rated, float $downArea, Lip $lip): self
    {
        InvalidValue::unlessBetween('down_area', $downArea, 0, LipFit::MOST_DOWN_AREA, 'm²');

        return new self($this->kind, $this->dragArea, $this->weight, $downArea, self::doubtOf($rated), $rated, $lip, $this->mass);
    }

    /**
     * The same lure with a lip the captain entered, as surely known as before.
     *
     * @throws InvalidValue naming the field
     */
    public function diving(float $downArea): self
    {
        InvalidValue::unlessBetween('down_area', $downArea, 0, LipFit::MOST_DOWN_AREA, 'm²');

        return new self(
            $this->kind, $this->dragArea, $this->weight, $downArea, $this->diveDoubt, $this->rated, null, $this->mass,
        );
    }

    public function body(): Body
    {
        return $this->named(self::BODY);
    }

    /** Its body in a chain; another rod's lure goes without a name. */
    public function namelessBody(): Body
    {
        return $this->named(null);
    }

    private function named(?string $name): Body
    {
        return new Body(
            $name, $this->weight, $this->dragArea, $this->downArea, 0.0, BodyRole::Lure, $this->lip, mass: $this->mass,
        );
    }

    private static function doubtOf(RatedPoint $rated): float
    {
        return $rated->trued ? Doubts::DIVE_TRUED : Doubts::DIVE_RATED;
    }
}
