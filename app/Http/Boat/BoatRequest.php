<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Boat\Hull;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Parts\Counter;
use Admek\Core\Units\ClockFace;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use App\Http\Within;
use App\Models\Holder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A boat as she is entered: her hull, her mast, her rail, and what she is planned by. */
class BoatRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'length' => ['required', 'numeric:strict', Within::range(Hull::LENGTH)],
            'beam' => ['required', 'numeric:strict', Within::range(Hull::BEAM)],
            'mast_aft' => ['numeric:strict', Within::range(Hull::AFT)],
            'mast_height' => ['numeric:strict', Within::range(Hull::MAST)],
            'units' => ['required', Rule::enum(Units::class)],
            'clock_face' => [Rule::enum(ClockFace::class)],
            'timezone' => ['string', 'timezone:all_with_bc'],
            'lines_per_angler' => ['required', 'integer:strict', Within::range(Hull::LINES_AN_ANGLER)],
            'crew' => ['integer:strict', Within::range([0, Hull::MOST_CREW])],
            'log_factor' => ['numeric:strict', Within::range(Hull::LOG_FACTOR)],
        ] + self::railRules();
    }

    /** @return array<string, list<mixed>> */
    public static function railRules(): array
    {
        return [
            'holders' => ['required', 'list', 'min:1', 'max:'.Hull::MOST_HOLDERS],
            'holders.*' => ['array:id,code,side,kind,aft,starboard,height,counter_calibrated,counter_factor'],
            'holders.*.id' => ['nullable', 'integer:strict'],
            'holders.*.code' => [
                'required', 'string', 'max:'.Hull::CODE, new UnlikeOthers('Must be unlike every other holder’s.'),
            ],
            'holders.*.side' => ['required', Rule::in(Hull::SIDES)],
            'holders.*.kind' => ['required', Rule::enum(HolderKind::class)],
            'holders.*.aft' => ['required', 'numeric:strict', Within::range(Hull::AFT)],
            'holders.*.starboard' => ['required', 'numeric:strict', Within::range(Hull::ASIDE)],
            'holders.*.height' => ['required', 'numeric:strict', Within::range(Hull::HEIGHT)],
            'holders.*.counter_calibrated' => ['boolean:strict'],
            'holders.*.counter_factor' => ['numeric:strict', Within::range(Counter::SHOWS)],
        ];
    }

    /** @return list<DescribedHolder> as they came */
    public function holders(): array
    {
        return array_values(array_map(
            static fn (array $row): DescribedHolder => Holder::ofRow((object) $row), $this->array('holders'),
        ));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Must be the boat’s name.',
            'length.between' => Within::words(Hull::LENGTH, Quantity::Leader),
            'beam.between' => Within::words(Hull::BEAM, Quantity::Leader),
            'timezone.timezone' => 'Must be the name of a time zone, such as Etc/GMT+5.',
            'holders.*.height.between' => Within::words(Hull::HEIGHT, Quantity::Leader),
        ];
    }
}
