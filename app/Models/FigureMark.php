<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\TrueUp\Owners;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What the captain makes of a figure that soundings have taught.
 *
 * @property int $id
 * @property string $figure {@see \Admek\Core\Towing\Doubt\Doubt}
 * @property string $owner whose it is, as {@see \Admek\Core\TrueUp\Owners} names it
 * @property bool $aside whether it is not gone by
 * @property ?Carbon $forgotten_at UTC: what was sounded before tells nothing of it
 */
final class FigureMark extends Model
{
    protected $table = 'figure_marks';

    public $timestamps = false;

    protected $fillable = ['figure', 'owner', 'aside', 'forgotten_at'];

    protected $casts = ['aside' => 'boolean', 'forgotten_at' => 'immutable_datetime'];

    /** A piece of gear goes by another name: what is made of its figures stays with it. */
    public static function renamed(Boat $boat, GearForm $form, string $from, string $to): void
    {
        $owners = [Owners::piece($form, $from) => Owners::piece($form, $to), Owners::counter($from) => Owners::counter($to)];
        foreach ($form === GearForm::Reels ? $owners : array_slice($owners, 0, 1) as $old => $new) {
            $boat->figureMarks()->where('owner', $old)->update(['owner' => $new]);
        }
    }
}
