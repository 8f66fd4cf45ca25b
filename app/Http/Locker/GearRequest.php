<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Tackle\Catalogue\GearForm;
use App\Models\Boat;
use App\Outfitting\GearEntry;
use Illuminate\Foundation\Http\FormRequest;

/** A piece of gear as it is typed in; which figures it has depends on the list it goes to. */
final class GearRequest extends FormRequest
{
    public function form(): GearForm
    {
        return GearForm::from((string) $this->route('list'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(Boat $boat): array
    {
        $own = $this->route('id');

        return GearEntry::rules($this->form(), $boat, is_numeric($own) ? (int) $own : null);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return GearEntry::messages();
    }
}
