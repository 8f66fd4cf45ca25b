<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Doubt\Doubt;

/**
 * How the diving area fitted to a lure's rated point follows what is doubted: with more drag on the line it was rated on, or
 * on the lure, it takes a larger lip to reach the same depth. Each as a share of the area fitted without a doubt, at one
 * standard deviation below and above.
 */
final readonly class Lip
{
    /**
     * @param  array{float, float}  $lineDrag
     * @param  array{float, float}  $lureDrag
     * @param  array{float, float}  $depth  the rated depth being that much less, or more
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public array $lineDrag, public array $lureDrag, public array $depth)
    {
        foreach (['line_drag' => $lineDrag, 'lure_drag' => $lureDrag, 'depth' => $depth] as $field => $shares) {
            foreach ($shares as $share) {
                InvalidValue::unlessBetween("lip.{$field}", $share, 0, 100);
            }
        }
    }

    /**
     * As it is kept: line drag, lure drag and depth, below and above.
     *
     * @param  list<float>  $shares  six of them
     *
     * @throws InvalidValue when they are not
     */
    public static function ofList(array $shares): self
    {
        if (count($shares) !== 6) {
            throw InvalidValue::because('lip', 'a list of six shares');
        }

        return new self([$shares[0], $shares[1]], [$shares[2], $shares[3]], [$shares[4], $shares[5]]);
    }

    /** @return list<float> */
    public function toList(): array
    {
        return [...$this->lineDrag, ...$this->lureDrag, ...$this->depth];
    }

    /** @param  int  $side  −1 or 1 */
    public function under(Doubt $doubt, int $side): float
    {
        $at = $side < 0 ? 0 : 1;

        return match ($doubt) {
            Doubt::LineDrag => $this->lineDrag[$at],
            Doubt::LureDrag => $this->lureDrag[$at],
            Doubt::LureDive => $this->depth[$at],
            default => 1.0,
        };
    }
}
