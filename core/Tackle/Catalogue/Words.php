<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** Templates that hold for a line of any presentation, as {@see Entry} has its own; gear goes by its name: "{reel}". */
final class Words
{
    /** What else is set of a line behind a board. */
    public const BOARD_SECOND = ['clip at {clip_out#}', 'board at {board_out#}'];

    /**
     * A rig in one line, part by part from the boat out, of each the first that holds; what its presentation adds stands
     * between the two.
     */
    public const TOLD = [
        [
            ['{board} at {board_out}'],
            ['clip at {clip_out}'],
            ['ball {ball_mass}', '{ball}'],
            ['{diver}, dial {dial#} to {dial_side}', '{diver}, dial {dial#}', '{diver}, dial 0'],
            ['{weight_mass}'],
            ['dropper {dropper_length}'],
        ],
        [
            ['{attractor}'],
            ['lead {lead}'],
            ['backing {backing}'],
            ['{leader_length} {leader_material} {leader_test#} lb'],
            ['{reel}'],
        ],
    ];
}
