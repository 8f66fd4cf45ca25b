<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One rod's part of a spread. Lengths in m; which figures are used depends on the presentation.
 *
 * @property int $holder_id
 */
final class SpreadLine extends Model
{
    public const PARTS = ['holder_id', 'presentation', 'reel_id', 'lure_id', 'ball_id', 'diver_id', 'board_id'];

    public const FIGURES = ['let_out', 'colours', 'backing', 'lead', 'dial', 'board_out', 'clip_mass', 'leader_length', 'leader_test'];

    /** What is told by a word. */
    public const WORDS = ['leader_material', 'attractor'];

    public $timestamps = false;

    protected $guarded = ['id', 'spread_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(self::FIGURES, 'float');
    }
}
