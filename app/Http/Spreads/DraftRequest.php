<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Fish\Species;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Drafting\DraftBand;
use App\Http\Asked\SpreadContent;
use App\Http\Trips\SaveBandsRequest;
use App\Reading\TripWater;

final class DraftRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['what_if.turn' => ['prohibited']] + SaveBandsRequest::bandRules() + self::spreadRules() + $this->whatIfRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['what_if.turn.prohibited' => 'Must be left out: a spread is drafted for a straight course.'];
    }

    /** @return non-empty-list<DraftBand> in order of priority, each with what the trip's water says of it */
    public function bands(TripWater $water): array
    {
        $bands = array_values(array_map(
            static fn (array $band): DraftBand => new DraftBand(
                $species = Species::from($band['species']), $band['top'], $band['bottom'], $band['weight'],
                $water->prospect($species, $band['top'], $band['bottom']),
            ),
            $this->array('bands'),
        ));

        return $bands === [] ? throw InvalidValue::because('bands', 'a list of at least one band') : $bands;
    }
}
