<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One rod's part of a spread. Lengths in m; which figures are used depends on the presentation.
 *
 * @property int $holder_id
 * @property string $presentation
 * @property int $lure_id
 * @property ?string $leader_material
 * @property ?float $leader_length m
 * @property ?float $leader_test lb
 */
final class SpreadLine extends Model
{
    protected $table = 'spread_lines';

    public const PARTS = [
        'holder_id', 'presentation', 'reel_id', 'lure_id', 'ball_id', 'diver_id', 'board_id', 'attractor_id', 'rides_on',
    ];

    public const FIGURES = [
        'let_out', 'colours', 'backing', 'lead', 'above', 'dial', 'board_out', 'clip_out', 'weight_mass', 'ball_mass',
        'dropper_length', 'leader_length', 'leader_test', 'tip_height', 'aim',
    ];

    /** What is told by a word. */
    public const WORDS = ['leader_material', 'attractor', 'dial_side', 'cable'];

    public const ALL = [...self::PARTS, ...self::FIGURES, ...self::WORDS, 'overrides'];

    public $timestamps = false;

    protected $guarded = ['id', 'spread_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(self::FIGURES, 'float') + ['overrides' => 'array'];
    }
}
