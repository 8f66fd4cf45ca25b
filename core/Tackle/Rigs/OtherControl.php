<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;

/** A rig whose depth is set by more than what is let out: by its dial, or by the weight it is given. */
interface OtherControl extends Rig
{
    public function otherControl(): Control;

    /** @throws InvalidValue when the control is out of its range */
    public function withOtherControl(float $value): self;
}
