<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\Material;

/** A reel, what is spooled on it, and how true its counter is. */
final readonly class DescribedReel
{
    /**
     * @param  float  $test  lb
     * @param  ?float  $colours  of leadcore on it
     * @param  ?float  $wireLength  m of wire on it
     * @param  ?float  $backingTest  lb
     * @param  ?float  $lineLength  m of line on it, or of backing behind its core or wire; null where nobody has told
     * @param  float  $counterFactor  what its counter shows for each metre truly out
     * @param  ?Taught  $taught  what soundings say of it and of whatever it pulls; null for the default figures
     * @param  int  $count  of reels alike, aboard
     */
    public function __construct(
        public string $name,
        public Material $material,
        public float $test,
        public ?float $colours = null,
        public ?float $wireLength = null,
        public ?Material $backingMaterial = null,
        public ?float $backingTest = null,
        public bool $counterCalibrated = false,
        public float $counterFactor = 1.0,
        public ?float $lineLength = null,
        public ?Taught $taught = null,
        public int $count = 1,
    ) {
    }

    public function taught(?Taught $taught): self
    {
        return new self(
            $this->name, $this->material, $this->test, $this->colours, $this->wireLength, $this->backingMaterial,
            $this->backingTest, $this->counterCalibrated, $this->counterFactor, $this->lineLength, $taught,
            $this->count,
        );
    }
}
